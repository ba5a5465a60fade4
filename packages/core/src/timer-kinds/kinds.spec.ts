import { GENERIC_KINDS, readKind } from './index.js';

it('a dozen kinds are shipped, each under its own key and name, from one valve to 48', () => {
  expect(GENERIC_KINDS.length).toBeGreaterThanOrEqual(12);
  for (const field of ['key', 'summary'] as const)
    expect(new Set(GENERIC_KINDS.map((kind) => kind[field])).size).toBe(GENERIC_KINDS.length);
  const stations = GENERIC_KINDS.map(({ timer }) => timer.stations);
  expect([Math.min(...stations), Math.max(...stations)]).toEqual([1, 48]);
});

it.each(GENERIC_KINDS.map(({ key, timer }) => [key, timer] as const))(
  '%s can be read back',
  (_, timer) => {
    const read = readKind(JSON.parse(JSON.stringify(timer)));
    expect(read).toEqual({ ok: true, value: timer });
  },
);
