import { keysOf } from '../kernel/index.js';
import { DAY_MODES, GENERIC_TYPES, readTimerType, SEASON_MODES, TimerCapability } from './index.js';

it('a dozen timer types and more are shipped, each under its own key and name, from one valve to 64', () => {
  expect(GENERIC_TYPES.length).toBeGreaterThanOrEqual(12);
  for (const field of ['key', 'summary'] as const)
    expect(new Set(GENERIC_TYPES.map((timerType) => timerType[field])).size).toBe(
      GENERIC_TYPES.length,
    );
  const stations = GENERIC_TYPES.map(({ timer }) => timer.stations);
  expect([Math.min(...stations), Math.max(...stations)]).toEqual([1, 64]);
});

it('whatever a timer may be able to do, one of them is', () => {
  const all = GENERIC_TYPES.map(({ timer }) => timer);
  const usual = new TimerCapability();
  for (const mode of DAY_MODES)
    expect([mode, all.some(({ dayModes }) => dayModes.includes(mode))]).toEqual([mode, true]);
  for (const mode of SEASON_MODES)
    expect([mode, all.some(({ season }) => season?.modes.includes(mode))]).toEqual([mode, true]);
  for (const field of keysOf(usual))
    if (typeof usual[field] === 'boolean')
      expect([field, new Set(all.map((timer) => timer[field])).size]).toEqual([field, 2]);
});

it.each(GENERIC_TYPES.map(({ key, timer }) => [key, timer] as const))(
  '%s can be read back',
  (_, timer) => {
    const read = readTimerType(JSON.parse(JSON.stringify(timer)));
    expect(read).toEqual({ ok: true, value: timer });
  },
);
