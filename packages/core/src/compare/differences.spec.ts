import fc from 'fast-check';
import { readPlan, setProgram, type DayRule, type Plan } from '../settings/index.js';
import { homeOf } from '../testing/homes.js';
import { changedAt, leavesOf, plain, wholePlan } from '../testing/leaves.js';
import { planOf } from '../testing/plans.js';
import { runs } from '../testing/runs.js';
import { changesInWords, differences, inWords, says } from './index.js';

const found = (before: Plan, after: Plan) =>
  differences(before, after).map(({ path, before: was, after: is }) => [path, was, is]);

const lines = (before: Plan, after: Plan) =>
  changesInWords(before, after).map(
    ({ what, before: was, after: is }) => `${what}: ${was} → ${is}`,
  );

describe('by value', () => {
  it('nothing differs between two plans that are the same, defaults left out or filled in', () => {
    expect(differences(homeOf(), homeOf())).toEqual([]);
    const filled = homeOf({ rules: {}, weather: {}, controller: { off: false }, site: {} });
    expect(differences(homeOf(), filled)).toEqual([]);
    expect(differences(homeOf(), { ...homeOf(), name: 'Another name' })).toEqual([]);
  });

  it('intervals counted from the same day of different years are not the same', () => {
    const counted = (anchor: string) => ({ mode: 'interval', everyDays: 3, anchor });
    const every = (anchor: string) => homeOf({ a: { days: counted(anchor) } });
    const [then, now] = [every('2020-06-02'), every('2026-06-02')];
    expect(found(then, now)).toEqual([
      ['programs[0].days', counted('2020-06-02'), counted('2026-06-02')],
    ]);
    expect(lines(then, now)).toEqual([
      'Program A, water days: every 3 days, counted from Tue 2 June 2020 → every 3 days, counted from Tue 2 June 2026',
    ]);
  });

  it('hours without water are compared with their weekdays', () => {
    const hours = (weekdays: number[]) =>
      homeOf({ controller: { noWater: [{ from: '09:00', to: '17:00', weekdays }] } });
    expect(found(hours([1, 2]), hours([2, 3]))).toEqual([
      [
        'controller.noWater[0]',
        { from: '09:00', to: '17:00', weekdays: [1, 2] },
        { from: '09:00', to: '17:00', weekdays: [2, 3] },
      ],
    ]);
    expect(lines(hours([1, 2]), hours([2, 3]))).toEqual([
      'Hours without watering: 09:00 to 17:00 on Mon Tue → 09:00 to 17:00 on Tue Wed',
    ]);
    // A set is the same in any order.
    expect(found(hours([1, 2]), hours([2, 1]))).toEqual([]);
  });

  it('stations go by number, programs by id, runs by station, starts by their place', () => {
    const before = planOf({
      stations: [{ number: 2, soakSeconds: 60 }, { number: 5 }],
      programs: [
        { id: 'A', starts: ['04:00'] },
        { id: 'B', runs: [{ station: 5, seconds: 60 }] },
      ],
    });
    const after = planOf({
      stations: [{ number: 1 }, { number: 2, soakSeconds: 90 }, { number: 5 }],
      programs: [
        {
          id: 'B',
          runs: [
            { station: 2, seconds: 30 },
            { station: 5, seconds: 120 },
          ],
        },
        { id: 'A', starts: ['04:00', '21:45'] },
      ],
    });
    expect(found(before, after)).toEqual([
      ['stations[0].soakSeconds', 60, 90],
      ['stations[0].enabled', null, true],
      ['stations[0].rainSensor', null, true],
      ['stations[0].freezeSensor', null, true],
      ['stations[0].number', null, 1],
      ['programs[0].starts[1]', null, '21:45'],
      ['programs[1].runs[0].seconds', 60, 120],
      ['programs[1].runs[0].station', null, 2],
      ['programs[1].runs[0].seconds', null, 30],
    ]);
    expect(differences(before, after)[0]!.field).toEqual(['stations', 2, 'soakSeconds']);
  });

  it('another order of a program is a difference on a timer that waters as listed', () => {
    const inOrder = (stationOrder: string, order: number[]) =>
      homeOf({
        timer: { stationOrder },
        a: { runs: order.map((station) => ({ station, seconds: 600 })) },
      });
    expect(found(inOrder('number', [1, 2]), inOrder('number', [2, 1]))).toEqual([]);
    // One of the two is enough: what is made of the list differs.
    const places = (...plans: [Plan, Plan]) => found(...plans).map(([path]) => path);
    const both = ['timer.stationOrder', 'programs[0].runs'];
    expect(places(inOrder('listed', [1, 2]), inOrder('number', [2, 1]))).toEqual(both);
    expect(places(inOrder('number', [1, 2]), inOrder('listed', [2, 1]))).toEqual(both);
    expect(places(inOrder('number', [1, 2]), inOrder('listed', [1, 2]))).toEqual(both.slice(0, 1));
    const [one, other] = [inOrder('listed', [1, 2]), inOrder('listed', [2, 1])];
    expect(found(one, other)).toEqual([
      ['programs[0].runs', one.programs[0]!.runs, other.programs[0]!.runs],
    ]);
    expect(lines(one, other)).toEqual(['Program A, order of the stations: 1, 2 → 2, 1']);
  });
});

it('a station more in a program is no other order of the rest', () => {
  const listed = (...stations: number[]) =>
    homeOf({
      timer: { stationOrder: 'listed' },
      a: { runs: stations.map((station) => ({ station, seconds: 600 })) },
    });
  const paths = differences(listed(2), listed(1, 2)).map(({ path }) => path);
  expect(paths).toEqual(['programs[0].runs[0].station', 'programs[0].runs[0].seconds']);
  expect(differences(listed(1, 2), listed(2)).map(({ path }) => path)).toEqual(paths);
});

it('what is one thing is the same whatever the order in which its fields are written', () => {
  const days = { mode: 'interval', everyDays: 3, anchor: '2026-06-02' };
  const turned = Object.fromEntries(Object.entries(days).toReversed());
  const before = homeOf({ a: { days }, rules: { noWater: [{ from: '10:00', to: '18:00' }] } });
  const written = homeOf();
  const after: Plan = {
    ...before,
    programs: [{ ...before.programs[0]!, days: turned as unknown as DayRule }],
    rules: {
      ...before.rules!,
      noWater: before.rules!.noWater.map(({ from, to, weekdays }) => ({ weekdays, to, from })),
      periods: [],
    },
  };
  expect(differences(before, after)).toEqual([]);
  expect(differences(after, before)).toEqual([]);
  expect(differences(before, written)).not.toEqual([]);
  const open: Plan = {
    ...before,
    controller: { ...before.controller, season: { mode: 'whole', percent: 100 } },
    programs: [
      { ...before.programs[0]!, days: { ...days, note: undefined } as unknown as DayRule },
    ],
  };
  expect(differences(before, open)).toEqual([]);
});

it('says rules of certain dates in full', () => {
  const weekdays = [2, 5];
  const periods = [
    { from: '2026-05-01', to: '2026-09-30', weekdays, dateParity: 'odd', finishBy: '05:30' },
    {
      from: '2026-10-01',
      to: '2026-10-31',
      noWater: [{ from: '09:00', to: '19:00' }],
      exempt: ['drip', 'bubbler'],
    },
    { from: '2026-11-01', to: '2026-11-01' },
  ];
  expect(lines(homeOf(), homeOf({ rules: { periods } }))).toEqual([
    'Local rules, on certain dates: null → Fri 1 May 2026 to Wed 30 September 2026: Tue Fri, odd dates, finish by 05:30',
    'Local rules, on certain dates: null → Thu 1 October 2026 to Sat 31 October 2026: no watering 09:00 to 19:00, exempt: drip and bubbler',
    'Local rules, on certain dates: null → Sun 1 November 2026 to Sun 1 November 2026: no rule',
  ]);
});

it('a change of any single value of a plan is a difference at its place, and none is none', () => {
  fc.assert(
    fc.property(wholePlan, fc.nat(), (plan, draw) => {
      expect(differences(plan, plain(plan) as Plan)).toEqual([]);
      const leaves = leavesOf(plain(plan)).filter(([top]) => top !== 'format' && top !== 'name');
      const leaf = leaves[draw % leaves.length]!;
      const changed = changedAt(plain(plan), leaf) as Plan;
      for (const [before, after] of [
        [plan, changed],
        [changed, plan],
      ] as const) {
        const all = differences(before, after);
        expect(all.length).toBeGreaterThan(0);
        const place = leaf
          .map((key) => (typeof key === 'number' ? `[${key}]` : `.${key}`))
          .join('');
        // What names its entry, changed, is another entry: that one is new, and the old one gone.
        const isName = ['number', 'id', 'station'].includes(String(leaf.at(-1)));
        expect(isName || all.some(({ path }) => place.slice(1).startsWith(path))).toBe(true);
      }
    }),
    runs(400, 10_000),
  );
});

it('every field has words of its own, and they tell before from after', () => {
  fc.assert(
    fc.property(wholePlan, (plan) => {
      for (const leaf of leavesOf(plain(plan))) {
        if (leaf[0] === 'format' || leaf[0] === 'name') continue;
        // A time or a choice that cannot be is not to be worded.
        const changed = changedAt(plain(plan), leaf);
        if (!readPlan(changed).ok) continue;
        const [one] = differences(plan, changed as Plan).map((each) => inWords(each, [plan]));
        expect(one!.what).not.toMatch(/[a-z][A-Z]|\[object/);
        expect([one!.before, one!.after].join()).not.toMatch(/undefined|NaN|\[object/);
        expect(one!.before).not.toBe(one!.after);
      }
    }),
    runs(4, 60),
  );
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
    'Station 1: on → off',
    'Station 2, cycle: 5 min → null',
    'Program A, start 2: 05:00 → null',
    'Program A, water days: on Tue Sat → every 3 days, counted from Tue 2 June 2026',
    'Program A, never on: none → Sat',
    'Program A, station 1 (Front lawn): 10 min → 10 min 30 s',
    'Program A, station 2 (Fig tree): 10 min → null',
  ]);
  expect(says(changesInWords(before, after)[1]!)).toBe(
    'Station 2, cycle: not set any more; it was 5 min.',
  );
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
  const changed = lines(homeOf(), after);
  expect(changed.toSorted()).toEqual(
    [
      'Timer: set to run → off',
      'Wait between stations: 0 min → 5 s',
      `Season percentage: 100 % → ${changed.find((line) => line.includes('Jan 50 %'))!.split('→ ')[1]}`,
      'Rain sensor: active → bypassed',
      'Days of the month off: none → 1',
      'Hours without watering: null → 09:30 to 17:00',
      'Hold: null → Wed 3 June 2026, 00:00 to Fri 5 June 2026, 00:00',
      "The timer's clock showed: null → Mon 1 June 2026, 20:52",
      'True time when the clock was read: null → Mon 1 June 2026, 08:52',
    ].toSorted(),
  );
});

it('says nothing of what a new program has by default', () => {
  const one = homeOf();
  expect(lines(one, setProgram('C', {})(one))).toEqual([]);
  expect(lines(one, setProgram('C', { percent: 90 })(one))).toEqual([
    'Program C, percentage: null → 90 %',
  ]);
});

it('the percentages of programs are compared program by program, and only where they count', () => {
  const byProgram = (a: number, b: number) =>
    [setProgram('A', { percent: a }), setProgram('B', { percent: b })].reduce(
      (plan, edit) => edit(plan),
      homeOf({ controller: { season: { mode: 'program' } } }),
    );
  expect(lines(byProgram(80, 100), byProgram(80, 90))).toEqual([
    'Program B, percentage: 100 % → 90 %',
  ]);
  expect(found(byProgram(80, 100), byProgram(120, 100))).toEqual([
    ['programs[0].percent', 80, 120],
  ]);
  // From one percentage for all to one for each, both are told: the way and what each is at.
  const whole = homeOf({ controller: { season: { mode: 'whole', percent: 90 } } });
  expect(lines(whole, byProgram(80, 100))).toEqual([
    'Season percentage: 90 % → by program',
    'Program A, percentage: 100 % → 80 %',
  ]);
});
