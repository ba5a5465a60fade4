import fc from 'fast-check';
import { readPlan, type Plan } from '../settings/index.js';

/** A whole plan from the few fields that matter to a test; the rest takes its defaults. */
export function planOf(fields: Record<string, unknown>): Plan {
  const read = readPlan({
    format: 'waterclock.plan/2',
    timer: {},
    stations: [],
    programs: [],
    ...fields,
  });
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  return read.value;
}

/** A two-program plan whose B collides with A, with some fields changed. */
export const testPlan = (fields: Record<string, unknown> = {}): Plan =>
  planOf({
    stations: [{ number: 1, name: 'Kerb strip' }, { number: 2 }, { number: 3 }],
    programs: [
      {
        id: 'A',
        starts: ['03:30'],
        days: { mode: 'weekdays', weekdays: [1, 4] },
        runs: [
          { station: 1, seconds: 1200 },
          { station: 2, seconds: 1800 },
        ],
      },
      {
        id: 'B',
        starts: ['04:00'],
        days: { mode: 'weekdays', weekdays: [4] },
        runs: [{ station: 3, seconds: 2400 }],
      },
    ],
    ...fields,
  });

const timeOfDay = fc
  .integer({ min: 0, max: 95 })
  .map((quarter) => new Date(quarter * 900_000).toISOString().slice(11, 16));

const dayRule = fc.oneof(
  fc.record({
    mode: fc.constant('weekdays'),
    weekdays: fc.uniqueArray(fc.integer({ min: 1, max: 7 }), { minLength: 1 }),
  }),
  fc.record({ mode: fc.constant('odd') }),
  fc.record({ mode: fc.constant('even') }),
  fc.record({
    mode: fc.constant('interval'),
    everyDays: fc.integer({ min: 1, max: 31 }),
    anchor: fc.constantFrom('2026-05-30', '2026-06-02', '2024-02-29'),
  }),
  fc.record({
    mode: fc.constant('hours'),
    everyHours: fc.constantFrom(3, 5, 8, 12, 24, 25, 36, 48, 100, 168),
    anchor: fc.constantFrom('2026-05-30T06:00:00', '2026-06-02T03:07:30', '2024-02-29T23:45:00'),
  }),
);

const someHours = fc.uniqueArray(
  fc.record({
    from: timeOfDay,
    to: timeOfDay,
    weekdays: fc.uniqueArray(fc.integer({ min: 1, max: 7 })),
  }),
  { selector: (hours) => JSON.stringify(hours), maxLength: 2 },
);

const stationSettings = (number: number) =>
  fc.record(
    {
      number: fc.constant(number),
      cycleSeconds: fc.integer({ min: 60, max: 900 }),
      soakSeconds: fc.integer({ min: 0, max: 2400 }),
      enabled: fc.boolean(),
      rainSensor: fc.boolean(),
      freezeSensor: fc.boolean(),
    },
    { requiredKeys: ['number'] },
  );

const programSettings = (id: string, stations: number) =>
  fc.record({
    id: fc.constant(id),
    starts: fc.array(timeOfDay, { minLength: 1, maxLength: 3 }),
    days: dayRule,
    blockedWeekdays: fc.uniqueArray(fc.integer({ min: 1, max: 7 }), { maxLength: 2 }),
    concurrent: fc.integer({ min: 1, max: 3 }),
    percent: fc.constantFrom(50, 100, 130),
    waterWindows: someHours,
    runs: fc.uniqueArray(
      fc.record({
        station: fc.integer({ min: 1, max: stations }),
        seconds: fc.integer({ min: 0, max: 3600 }),
      }),
      { selector: (run) => run.station, minLength: 1 },
    ),
  });

/** Plan documents of small homes, whose every field may matter to the engine. */
export const planDocument = fc.integer({ min: 1, max: 5 }).chain((stations) =>
  fc.record({
    format: fc.constant('waterclock.plan/2'),
    timer: fc.record({
      overlap: fc.constantFrom('queue', 'drop', 'preempt', 'concurrent'),
      cycleSoak: fc.constantFrom(null, { policy: 'in-order' }, { policy: 'ready-first' }),
      maxConcurrentStations: fc.integer({ min: 1, max: 2 }),
      stationOrder: fc.constantFrom('number', 'listed'),
      blockedDay: fc.constantFrom('skip', 'defer'),
      skip31: fc.boolean(),
      skipFeb29: fc.boolean(),
      monthDaysOff: fc.boolean(),
      noWaterWindows: fc.boolean(),
      programWindows: fc.boolean(),
      freezeSensor: fc.boolean(),
    }),
    controller: fc.record({
      stationDelaySeconds: fc.constantFrom(0, 5, 60),
      season: fc.oneof(
        fc.record({ mode: fc.constant('whole'), percent: fc.integer({ min: 0, max: 200 }) }),
        fc.constant({ mode: 'program' }),
        fc.constant({
          mode: 'monthly',
          percents: [0, 10, 40, 70, 90, 130, 150, 140, 100, 60, 20, 0],
        }),
        fc.record({
          mode: fc.constant('weather'),
          leastPercent: fc.constantFrom(0, 20, 45),
          mostPercent: fc.constantFrom(60, 100, 150),
        }),
      ),
      monthDaysOff: fc.uniqueArray(fc.integer({ min: 1, max: 31 }), { maxLength: 2 }),
      noWater: someHours,
    }),
    weather: fc.record({
      percents: fc.uniqueArray(
        fc.record({
          date: fc
            .integer({ min: 1, max: 30 })
            .map((day) => `2026-06-${String(day).padStart(2, '0')}`),
          percent: fc.integer({ min: 0, max: 200 }),
        }),
        { selector: ({ date }) => date, maxLength: 5 },
      ),
    }),
    stations: fc.tuple(...Array.from({ length: stations }, (_, i) => stationSettings(i + 1))),
    programs: fc
      .subarray(['A', 'B', 'C'], { minLength: 1 })
      .chain((ids) => fc.tuple(...ids.map((id) => programSettings(id, stations)))),
  }),
);

/** The plans of {@link planDocument}, read. */
export const anyPlan = planDocument.map((document) => planOf(document));
