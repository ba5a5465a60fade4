import fc from 'fast-check';
import { planDocument, planOf } from '../testing/plans.js';
import { PLAN_FORMAT, PLAN_FORMATS, readPlan, readPlanText, rulesOfDate } from './index.js';
import { parseDate } from '../civil-time/index.js';

const whole = {
  format: PLAN_FORMAT,
  timer: {},
  stations: [{ number: 1 }],
  programs: [{ id: 'A' }],
};

/** The problems of the plan above with some fields changed, as `path: message`. */
function problems(changes: Record<string, unknown>): string[] {
  const read = readPlan({ ...whole, ...changes });
  return read.ok ? [] : read.trouble.map(({ path, message }) => `${path}: ${message}`).sort();
}

describe('defaults', () => {
  it('fill in what a plan leaves out', () => {
    const plan = planOf(whole);
    expect(plan.timer).toMatchObject({
      stations: 12,
      programs: ['A', 'B', 'C'],
      startsPerProgram: 4,
      startStepMinutes: 15,
      runTime: { minSeconds: 60, maxSeconds: 21_600, stepSeconds: 60, scope: 'station' },
      dayModes: ['weekdays', 'odd', 'even', 'interval'],
      intervalMaxDays: 31,
      skip31: false,
      skipFeb29: false,
      blockedDay: 'skip',
      season: {
        modes: ['whole'],
        minPercent: 10,
        maxPercent: 150,
        stepPercent: 10,
        roundToSeconds: 60,
      },
      overlap: 'queue',
      cycleSoak: null,
      maxStationDelaySeconds: 36_000,
      maxConcurrentStations: 1,
      power: 'mains',
    });
    expect(plan.controller).toMatchObject({
      off: false,
      stationDelaySeconds: 0,
      season: { mode: 'whole', percent: 100 },
      rainSensor: 'active',
      noWater: [],
      pauses: [],
    });
    expect(plan.controller.clock).toBeUndefined();
    expect(plan.stations[0]).toMatchObject({ number: 1, enabled: true, rainSensor: true });
    expect(plan.programs[0]).toMatchObject({
      enabled: true,
      percent: 100,
      starts: [],
      days: { mode: 'weekdays', weekdays: [] },
      concurrent: 1,
      runs: [],
    });
  });

  it('fill in objects that are there in part', () => {
    const plan = planOf({
      timer: { runTime: { maxSeconds: 3600 }, cycleSoak: {}, season: null },
      controller: { season: { percent: 80 }, noWater: [{ from: '09:00', to: '17:00' }] },
    });
    expect(plan.timer.runTime).toMatchObject({ minSeconds: 60, maxSeconds: 3600 });
    expect(plan.timer.cycleSoak).toEqual({ policy: 'in-order' });
    expect(plan.timer.season).toBeNull();
    expect(plan.controller.season).toEqual({ mode: 'whole', percent: 80 });
    expect(plan.controller.noWater[0]?.weekdays).toEqual([1, 2, 3, 4, 5, 6, 7]);
  });

  it('are not shared between plans', () => {
    planOf({}).timer.programs.push('Z');
    expect(planOf({}).timer.programs).toEqual(['A', 'B', 'C']);
  });
});

describe('versions', () => {
  const rules = { weekdays: [1], periods: [{ from: '2026-07-01', to: '2026-07-31' }] };

  it.each(PLAN_FORMATS)(
    'a file of %s opens, and is one of the version that is written',
    (format) => {
      expect(planOf({ ...whole, format, rules: { weekdays: [1] } })).toEqual(
        planOf({ ...whole, rules: { weekdays: [1] } }),
      );
    },
  );

  it('what came later is unknown in the first, and changes nothing of what is given', () => {
    const given = { ...whole, format: PLAN_FORMATS[0], rules };
    const before = JSON.stringify(given);
    expect(problems(given)).toEqual(['rules.periods: is not a known field']);
    expect(problems({ ...given, rules: { weekdays: [9], periods: [{}] } })).toEqual([
      'rules.periods: is not a known field',
      'rules.weekdays[0]: must be a whole number, 1 to 7',
    ]);
    expect(JSON.stringify(given)).toBe(before);
    expect(problems({ ...given, format: PLAN_FORMAT })).toEqual([]);
  });

  it('neither knows a format that is none of them', () => {
    expect(problems({ format: 'waterclock.plan/3' })).toEqual([
      'format: must be one of waterclock.plan/1, waterclock.plan/2',
    ]);
  });
});

it('rules of a date are those of the last period listed that holds it, both ends included', () => {
  const { rules } = planOf({
    ...whole,
    rules: {
      weekdays: [1],
      finishBy: '06:00',
      periods: [
        { from: '2026-07-01', to: '2026-07-31', weekdays: [2] },
        { from: '2026-07-10', to: '2026-07-10', dateParity: 'odd' },
      ],
    },
  });
  const on = (date: string) => {
    const { weekdays, dateParity, finishBy } = rulesOfDate(rules, parseDate(date)!);
    return [weekdays, dateParity, finishBy];
  };
  expect(on('2026-06-30')).toEqual([[1], undefined, '06:00']);
  expect(on('2026-07-01')).toEqual([[2], undefined, undefined]);
  expect(on('2026-07-10')).toEqual([undefined, 'odd', undefined]);
  expect(on('2026-07-31')).toEqual([[2], undefined, undefined]);
  expect(on('2026-08-01')).toEqual([[1], undefined, '06:00']);
  expect(rulesOfDate(undefined, parseDate('2026-08-01')!)).toEqual({ noWater: [], exempt: [] });
});

describe('bad input', () => {
  it('names what is missing', () => {
    expect(
      problems({ format: undefined, timer: undefined, stations: [{}], programs: undefined }),
    ).toEqual(
      expect.arrayContaining([
        'format: is required',
        'timer: is required',
        'programs: is required',
        'stations[0].number: is required',
      ]),
    );
    expect(
      problems({
        controller: { season: { mode: 'monthly' }, pauses: [{}], clock: {} },
        programs: [{ id: 'A', days: { mode: 'interval' }, runs: [{}] }],
      }),
    ).toEqual([
      'controller.clock.timerReads: is required',
      'controller.clock.trueTime: is required',
      'controller.pauses[0].from: is required',
      'controller.pauses[0].to: is required',
      'controller.season.percents: is required',
      'programs[0].days.anchor: is required',
      'programs[0].days.everyDays: is required',
      'programs[0].runs[0].seconds: is required',
      'programs[0].runs[0].station: is required',
    ]);
  });

  it('names unknown fields, even those that every object seems to have', () => {
    const document: unknown = JSON.parse(
      '{"format":"waterclock.plan/1","timer":{"toString":1,"__proto__":{}},"stations":[],' +
        '"programs":[],"constructor":2,"programs2":[],"rules":{"earliestStart":"21:00"}}',
    );
    const read = readPlan(document);
    expect(read.ok ? [] : read.trouble.map(({ path }) => path).sort()).toEqual([
      'constructor',
      'programs2',
      'rules.earliestStart',
      'timer.__proto__',
      'timer.toString',
    ]);
  });

  it('quotes the names of unknown fields that are no words', () => {
    expect(problems({ '': 1, 'two words': 2, timer: { ':': 3 } })).toEqual([
      '$[""]: is not a known field',
      '$["two words"]: is not a known field',
      'timer[":"]: is not a known field',
    ]);
  });

  it('names wrong types at their place, without a second message for the same place', () => {
    expect(
      problems({
        timer: [],
        controller: null,
        stations: [{ number: '1' }, 7, { number: 2.5, enabled: null }],
        programs: [{ id: 'A', starts: '04:00', days: 'daily', runs: { station: 1 } }],
      }),
    ).toEqual([
      'controller: must be an object',
      'programs[0].days: must be an object',
      'programs[0].runs: must be a list of objects',
      'programs[0].starts: must be a list',
      'stations[0].number: must be a whole number, 1 or more',
      'stations[1]: must be an object',
      'stations[2].enabled: must be true or false',
      'stations[2].number: must be a whole number, 1 or more',
      'timer: must be an object',
    ]);
  });

  it('names each bad entry of a list', () => {
    expect(
      problems({
        timer: { dayModes: ['weekdays', 'moon'], programs: ['A', '', 'A'] },
        controller: { monthDaysOff: [0, 15, 32], season: { mode: 'monthly', percents: [1, 2] } },
        programs: [{ id: 'A', starts: ['04:00', '25:00', 5] }],
      }),
    ).toEqual([
      'controller.monthDaysOff[0]: must be a whole number, 1 to 31',
      'controller.monthDaysOff[2]: must be a whole number, 1 to 31',
      'controller.season.percents: must have 12 entries',
      'programs[0].starts[1]: must be a time of day, written HH:MM, 00:00 to 23:59',
      'programs[0].starts[2]: must be a time of day, written HH:MM, 00:00 to 23:59',
      'timer.dayModes[1]: must be one of weekdays, odd, even, interval, hours',
      'timer.programs[1]: must be a label of 1 to 40 characters',
      'timer.programs[2]: is in the list already',
    ]);
  });

  it('holds each mode of a union to its own fields', () => {
    expect(
      problems({
        controller: { season: { mode: 'yearly', percent: 'x' } },
        programs: [
          { id: 'A', days: { mode: 'odd', weekdays: [1] } },
          { id: 'B', days: { mode: 'moon', weekdays: [1] } },
        ],
      }),
    ).toEqual([
      'controller.season.mode: must be one of whole, program, monthly, weather',
      'programs[0].days.weekdays: is not a known field',
      'programs[1].days.mode: must be one of weekdays, odd, even, interval, hours',
    ]);
  });

  it('finds duplicates and names that point nowhere, at the second one', () => {
    expect(
      problems({
        stations: [{ number: 1 }, { number: 2 }, { number: 1 }],
        programs: [
          {
            id: 'A',
            runs: [
              { station: 1, seconds: 60 },
              { station: 1, seconds: 0 },
            ],
          },
          { id: 'A', runs: [{ station: 3, seconds: 60 }] },
          { id: 'Q' },
        ],
      }),
    ).toEqual([
      'programs[0].runs[1].station: is in this program already: give each station one run',
      'programs[1].id: is the id of an earlier program too',
      'programs[1].runs[0].station: 3 is not among the stations',
      "programs[2].id: is none of this timer's programs (A, B, C)",
      'stations[2].number: is the number of an earlier station too',
    ]);
  });

  it('refuses times that end before they begin, but not empty ones', () => {
    const pause = (from: string, to: string) =>
      problems({ controller: { pauses: [{ from, to }] } });
    expect(pause('2026-06-03T00:00:00', '2026-06-02T00:00:00')).toEqual([
      'controller.pauses[0].to: must not be before its from',
    ]);
    expect(pause('2026-06-03T00:00:00', '2026-06-03T00:00:00')).toEqual([]);
  });

  it('lets in what this timer cannot take: that is for the findings', () => {
    expect(
      problems({
        timer: { startsPerProgram: 1, stations: 1 },
        stations: [{ number: 1 }, { number: 9 }],
        programs: [
          {
            id: 'A',
            starts: ['04:07', '05:00'],
            days: { mode: 'interval', everyDays: 31, anchor: '2026-06-01' },
            runs: [{ station: 9, seconds: 90_000 }],
          },
        ],
      }),
    ).toEqual([]);
  });

  it('refuses a run that would be cut into more pieces than memory holds', () => {
    const plan = {
      stations: [{ number: 1, cycleSeconds: 1 }],
      programs: [{ id: 'A', runs: [{ station: 1, seconds: 604_800 }] }],
    };
    expect(problems(plan)).toEqual([
      "programs[0].runs: cut into more than 20000 pieces: lengthen the stations' cycles",
    ]);
  });

  it('refuses more starts than any timer has, and more pieces a day than memory holds, each at its place', () => {
    const times = (count: number) =>
      Array.from({ length: count }, (_, index) =>
        [Math.floor(index / 4), (index % 4) * 15].map((part) => String(part).padStart(2, '0')),
      ).map((parts) => parts.join(':'));
    const program = (id: string, starts: number, seconds: number) => ({
      ...{ id, starts: times(starts), runs: [{ station: 1, seconds }] },
    });
    const stations = [{ number: 1, cycleSeconds: 1 }];
    const plan = (...programs: object[]) => problems({ stations, programs });
    expect(plan(program('A', 64, 156), program('B', 64, 156))).toEqual([]);
    expect(plan(program('A', 64, 156), program('B', 64, 157))).toEqual([
      "programs: come to more than 20000 pieces of water a day: lengthen the stations' cycles, or remove starts",
    ]);
    expect(plan(program('A', 65, 1), program('B', 96, 1))).toEqual([
      'programs[0].starts: must have at most 64 entries',
      'programs[1].starts: must have at most 64 entries',
    ]);
  });

  it('names starts and runs that are no lists, and goes on', () => {
    const programs = [
      { id: 'A', starts: null, runs: [] },
      { id: 'B', starts: 4, runs: null },
    ];
    expect(problems({ programs })).toEqual([
      'programs[0].starts: must be a list',
      'programs[1].runs: must be a list of objects',
      'programs[1].starts: must be a list',
    ]);
  });

  it('that is no plan document at all is one message', () => {
    for (const document of [null, 5, 'plan', [], [[]]])
      expect(readPlan(document)).toEqual({
        ok: false,
        trouble: expect.arrayContaining([{ path: '$', message: 'must be an object' }]) as unknown,
      });
    expect(readPlanText('{"format":').ok).toBe(false);
    expect(readPlanText(`"${' '.repeat(5_000_001)}"`)).toEqual({
      ok: false,
      trouble: [{ path: '$', message: 'the file is over 5 MB' }],
    });
  });
});

it('reads back what it wrote, whole, without touching what it is given', () => {
  fc.assert(
    fc.property(planDocument, (document) => {
      const before = JSON.stringify(document);
      const plan = planOf(document);
      expect(JSON.stringify(document)).toBe(before);
      expect(planOf(JSON.parse(JSON.stringify(plan)) as Record<string, unknown>)).toEqual(plan);
    }),
  );
});
