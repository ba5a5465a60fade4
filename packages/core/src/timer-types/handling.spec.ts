import { GENERIC_TYPES, KEY_IN_PARTS, readHandling, TimerHandling } from './index.js';

const pathsOf = (document: unknown): string[] => {
  const read = readHandling(document);
  return read.ok ? [] : read.trouble.map(({ path }) => path);
};

it('of every generic timer type can be read, and asks for each part once', () => {
  for (const { key, handling } of GENERIC_TYPES) {
    expect([key, readHandling(JSON.parse(JSON.stringify(handling))).ok]).toEqual([key, true]);
    expect([...handling.keyInOrder].sort()).toEqual([...KEY_IN_PARTS].sort());
  }
  // The order is part of the timer type: they do not all ask alike.
  const orders = new Set(GENERIC_TYPES.map(({ handling }) => handling.keyInOrder.join()));
  expect(orders.size).toBeGreaterThan(1);
});

it('takes the usual order where nothing is said', () => {
  const read = readHandling({});
  expect(read).toEqual({ ok: true, value: new TimerHandling() });
});

it('refuses an order that leaves a part out, has one twice, or has one that is none', () => {
  expect(pathsOf({ keyInOrder: KEY_IN_PARTS.slice(1) })).toEqual(['keyInOrder']);
  expect(pathsOf({ keyInOrder: [...KEY_IN_PARTS.slice(1), 'days'] })).not.toEqual([]);
  expect(pathsOf({ keyInOrder: [...KEY_IN_PARTS.slice(1), 'targets'] })).toEqual(['keyInOrder[5]']);
  expect(pathsOf({ pauseForRain: 5, colour: 'red' }).sort()).toEqual(['colour', 'pauseForRain']);
});
