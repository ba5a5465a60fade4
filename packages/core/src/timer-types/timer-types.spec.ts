import { GENERIC_TYPES, readTimerType } from './index.js';

it('a dozen timer types are shipped, each under its own key and name, from one valve to 48', () => {
  expect(GENERIC_TYPES.length).toBeGreaterThanOrEqual(12);
  for (const field of ['key', 'summary'] as const)
    expect(new Set(GENERIC_TYPES.map((timerType) => timerType[field])).size).toBe(
      GENERIC_TYPES.length,
    );
  const stations = GENERIC_TYPES.map(({ timer }) => timer.stations);
  expect([Math.min(...stations), Math.max(...stations)]).toEqual([1, 48]);
});

it.each(GENERIC_TYPES.map(({ key, timer }) => [key, timer] as const))(
  '%s can be read back',
  (_, timer) => {
    const read = readTimerType(JSON.parse(JSON.stringify(timer)));
    expect(read).toEqual({ ok: true, value: timer });
  },
);
