import type { Plan } from '../settings/index.js';
import { homeOf } from '../testing/homes.js';
import { differences } from './index.js';

const lines = (before: Plan, after: Plan) =>
  differences(before, after).map(({ what, before: was, after: is }) => `${what}: ${was} → ${is}`);

it('finds nothing between two plans that are the same', () => {
  expect(differences(homeOf(), homeOf())).toEqual([]);
});

it('names what was set, what is set, and what is set no more', () => {
  const before = homeOf({ a: { starts: ['04:00', '05:00'] }, two: { cycleSeconds: 300 } });
  const after = homeOf({
    a: {
      days: { mode: 'interval', everyDays: 3, anchor: '2026-06-02' },
      blockedWeekdays: [6],
      runs: [{ station: 1, seconds: 630 }],
    },
    one: { enabled: false },
  });
  expect(lines(before, after)).toEqual([
    'Program A, starts: 04:00 and 05:00 → 04:00',
    'Program A, water days: on Tue Sat → every 3 days, counted from Tue 2 Jun, not on Sat',
    'Program A, station 1 (Front lawn): 10 min → 10 min 30 s',
    'Program A, station 2 (Fig tree): 10 min → null',
    'Station 2, cycle: 5 min → null',
    'Station 1: null → off',
  ]);
});

it('sees everything that is set outside the programs', () => {
  const months = Array.from({ length: 12 }, (_, month) => 50 + month);
  const after = homeOf({
    controller: {
      off: true,
      stationDelaySeconds: 5,
      rainSensor: 'bypass',
      monthDaysOff: [1],
      noWater: [{ from: '09:30', to: '17:00' }],
      pauses: [{ from: '2026-06-03T00:00:00', to: '2026-06-05T00:00:00' }],
      clock: { timerReads: '2026-06-01T20:52:00', trueTime: '2026-06-01T08:52:00' },
      season: { mode: 'monthly', percents: months },
    },
  });
  const changed = differences(homeOf(), after);
  expect(changed.map(({ what }) => what)).toEqual([
    'Timer',
    'Season percentage',
    'Wait between stations',
    'Rain sensor',
    'Days of the month off',
    'Hours without watering',
    'Pauses',
    'Clock of the timer',
  ]);
  expect(changed[1]!.after).toContain('Dec 61 %');
  expect(changed[7]!.after).toBe('showed Mon 1 June, 20:52 when it was Mon 1 June, 08:52');
});
