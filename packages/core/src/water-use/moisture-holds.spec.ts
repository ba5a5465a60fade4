import { parseDate } from '../civil-time/index.js';
import { readPlan } from '../settings/index.js';
import { readYard } from '../yards/index.js';
import { moistureHolds, seasonBalance } from './index.js';

const FROM = parseDate('2026-06-01')!;
const SEASON = { from: FROM, days: 30 };

/** Two alike stations, watered every morning, three times what they use; the second heeds the first's sensor. */
function season(holdsFromPercent: number | undefined, rains: Record<number, number> = {}) {
  const plan = readPlan({
    format: 'waterclock.plan/2',
    timer: { rainSensor: false },
    stations: [1, 2].map((number) => ({ number, head: 'spray' })),
    programs: [
      {
        id: 'A',
        starts: ['04:00'],
        days: { mode: 'weekdays', weekdays: [1, 2, 3, 4, 5, 6, 7] },
        runs: [1, 2].map((station) => ({ station, seconds: 1200 })),
      },
    ],
  });
  const ground = { head: 'spray', plant: 'cool turf', soil: 'loam' };
  const yard = readYard({
    format: 'waterclock.yard/1',
    stations: [
      {
        ...{ number: 1, ...ground },
        moistureSensor: {
          serial: 'M1',
          ...(holdsFromPercent !== undefined && { holdsFromPercent }),
        },
      },
      { number: 2, ...ground, follows: 1, followsFor: 'sensor' },
    ],
  });
  if (!plan.ok || !yard.ok) throw new Error('The test cannot be read.');
  const weather = (day: number) => ({ et0Mm: 5, rainMm: rains[day - FROM] ?? 0 });
  const rainMm = Array.from({ length: SEASON.days }, (_, day) => rains[day] ?? 0);
  const { stations } = seasonBalance(plan.value, yard.value, weather, SEASON);
  return moistureHolds(stations, rainMm, yard.value);
}

it('holds while the ground has so much, and lets water when it has less', () => {
  // 4 mm of 25.5 are used a day: below 75 % on the second morning after it was full.
  const [own, follower] = season(75);
  expect(own).toMatchObject({ number: 1, serial: 'M1', sensorStation: 1, wateringDays: 30 });
  expect(own!.heldDays).toBeGreaterThanOrEqual(10);
  expect(own!.heldDays).toBeLessThanOrEqual(20);
  expect(own!.stressedDays).toBe(0);
  // The follower is held on the days of the other's sensor, whatever its own ground has.
  expect(follower).toEqual({ ...own, number: 2 });
});

it('holds more where it rains, everything from 0 % on, and only a full ground at 100 %', () => {
  const dry = season(75)[0]!;
  const rainy = Object.fromEntries(Array.from({ length: 15 }, (_, day) => [day + 10, 12]));
  const wet = season(75, rainy)[0]!;
  expect(wet.heldDays).toBeGreaterThan(dry.heldDays);
  const never = season(0)[0]!;
  expect([never.heldDays, never.stressedDays > 20]).toEqual([30, true]);
  // A watering fills the ground to the brim: it is held on the next morning, and no longer.
  expect(season(100)[0]!.heldDays).toBe(15);
});

it('says nothing of a sensor of which nobody knows from what on it holds', () => {
  expect(season(undefined)).toEqual([]);
});
