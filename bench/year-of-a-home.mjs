import { parseDate } from '@water-clock/core/civil-time';
import { simulate } from '@water-clock/core/engine';
import { readPlan } from '@water-clock/core/settings';
import { median, quantile, timed } from './statistics.mjs';

const minutes = (count) => count * 60;

/** A 12-station, 3-program home with cycle-and-soak. */
const read = readPlan({
  format: 'waterclock.plan/1',
  timer: { cycleSoak: { policy: 'in-order' } },
  controller: { stationDelaySeconds: 5 },
  stations: Array.from({ length: 12 }, (_, index) => ({
    number: index + 1,
    ...(index < 6 && { cycleSeconds: minutes(6), soakSeconds: minutes(30) }),
  })),
  programs: [
    {
      id: 'A',
      starts: ['01:30'],
      days: { mode: 'weekdays', weekdays: [1, 3, 5, 7] },
      runs: [1, 2, 3, 4, 5, 6].map((station) => ({ station, seconds: minutes(15) })),
    },
    {
      id: 'B',
      starts: ['04:30'],
      days: { mode: 'interval', everyDays: 3, anchor: '2026-01-02' },
      runs: [7, 8, 9].map((station) => ({ station, seconds: minutes(30) })),
    },
    {
      id: 'C',
      starts: ['06:30', '20:00'],
      days: { mode: 'odd' },
      runs: [10, 11, 12].map((station) => ({ station, seconds: minutes(10) })),
    },
  ],
});

export function yearOfAHome() {
  const year = { from: parseDate('2026-01-01'), days: 365 };
  const times = timed(() => simulate(read.value, year));
  return {
    name: 'simulate a year, 12 stations, 3 programs, cycle-and-soak',
    median: median(times),
    spread: [quantile(times, 0.05), quantile(times, 0.95)],
    unit: 'ms',
    goal: 5,
  };
}
