import { parseDate } from '../civil-time/index.js';
import { readPlan } from '../settings/index.js';
import { lengthsInForce } from './index.js';

function planOf(fields: object) {
  const read = readPlan({
    format: 'waterclock.plan/2',
    stations: [{ number: 1 }, { number: 2 }, { number: 3, enabled: false }],
    ...fields,
  });
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  return read.value;
}

const DAY = parseDate('2026-06-03')!;
const RUNS = [
  { station: 1, seconds: 600 },
  { station: 2, seconds: 300 },
  { station: 3, seconds: 900 },
];
const season = (modes: string[]) => ({
  season: { modes, minPercent: 10, maxPercent: 200, stepPercent: 10, roundToSeconds: 60 },
});

describe('lengths in force', () => {
  it('show each run time as the display does, and when each start is over', () => {
    const plan = planOf({
      timer: season(['whole', 'monthly']),
      controller: {
        season: { mode: 'monthly', percents: [0, 0, 30, 50, 70, 80, 120, 90, 60, 30, 0, 0] },
        stationDelaySeconds: 30,
      },
      programs: [
        { id: 'A', starts: ['03:30', '23:50'], days: { mode: 'odd' }, runs: RUNS },
        { id: 'B', starts: ['05:00'], days: { mode: 'odd' }, runs: [] },
      ],
    });
    const [a, ...rest] = lengthsInForce(plan, DAY);
    expect(rest).toEqual([]);
    expect(a!.stations).toEqual([
      { number: 1, seconds: 480 },
      { number: 2, seconds: 240 },
      { number: 3, seconds: 0 },
    ]);
    const at = (hours: number, minutes: number) => hours * 3600 + minutes * 60;
    expect(a).toMatchObject({ percent: 80, mostPercent: 120, lengthSeconds: 750 });
    expect(a!.longestSeconds).toBe(720 + 360 + 30);
    expect(a!.starts).toEqual([
      {
        startNumber: 1,
        atSecond: at(3, 30),
        endSecond: at(3, 30) + 750,
        latestEndSecond: at(3, 30) + 1110,
      },
      {
        startNumber: 2,
        atSecond: at(23, 50),
        endSecond: at(23, 50) + 750,
        latestEndSecond: at(23, 50) + 1110,
      },
    ]);
  });

  it('go by the weather of the date, and to the most that it may ask for', () => {
    const plan = planOf({
      timer: { ...season(['weather']), dayModes: ['hours'] },
      controller: { season: { mode: 'weather', leastPercent: 20, mostPercent: 150 } },
      weather: { percents: [{ date: '2026-06-03', percent: 87 }] },
      programs: [
        {
          id: 'A',
          days: { mode: 'hours', everyHours: 8, anchor: '2026-06-02T06:00:00' },
          runs: [{ station: 1, seconds: 600 }],
        },
      ],
    });
    const [today] = lengthsInForce(plan, DAY);
    expect(today).toMatchObject({ percent: 80, mostPercent: 150, lengthSeconds: 480 });
    expect(today!.starts).toEqual([
      { startNumber: 1, atSecond: 21_600, endSecond: 22_080, latestEndSecond: 22_500 },
    ]);
    const [other] = lengthsInForce(plan, parseDate('2026-06-04')!);
    expect(other).toMatchObject({ percent: 100, lengthSeconds: 600, longestSeconds: 900 });
  });
});
