import { MOST_SAW, readTelling, seenOfTelling } from './index.js';

const TUESDAY = {
  what: 'watered',
  from: '2026-06-02T14:10:00',
  to: '2026-06-02T14:25:00',
  station: 2,
};
const troubles = (document: unknown): string[] => {
  const read = readTelling(document);
  return read.ok ? [] : read.trouble.map(({ path }) => path);
};
const telling = (document: unknown) => {
  const read = readTelling(document);
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  return read.value;
};

it('is what was seen, as causes are tried on it', () => {
  const dry = { what: 'dry', from: '2026-06-04T00:00:00', to: '2026-06-04T23:59:00' };
  const told = telling({ saw: [TUESDAY, dry], words: 'It is odd.' });
  expect(seenOfTelling(told)).toEqual({
    ...{ format: 'waterclock.seen/1', from: '2026-06-02T00:00:00', to: '2026-06-05T00:00:00' },
    ...{ isWhole: false, rain: [] },
    seen: [TUESDAY, { ...dry, station: null }],
  });
  expect(seenOfTelling(telling({ words: 'Water all over the path' }))).toBeNull();
});

it('says what is wrong with it, and takes nothing for something', () => {
  expect(troubles({})).toEqual(['words']);
  expect(troubles({ words: ' \u202e\u0007 ' })).toEqual(['words']);
  expect(troubles({ words: 'a'.repeat(1001) })).toEqual(['words']);
  expect(troubles({ saw: [{ what: 'rained' }] })).toEqual(['saw[0].what']);
  expect(troubles({ saw: [{ what: 'watered', from: 'Tuesday' }] })).toEqual(['saw[0].from']);
  expect(troubles({ saw: Array(MOST_SAW + 1).fill(TUESDAY) })).toEqual(['saw']);
  expect(
    troubles({ saw: [TUESDAY, { ...TUESDAY, from: '2026-01-01T10:00:00', to: null }] }),
  ).toEqual(['saw']);
});

it('leaves out signs that stand for no letter, and keeps lines', () => {
  expect(telling({ words: ' Water\u0000 at\u202e the\ngate\u200b ' }).words).toBe(
    'Water at the\ngate',
  );
});
