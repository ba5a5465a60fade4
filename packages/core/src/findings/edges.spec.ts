import fc from 'fast-check';
import { parseDate } from '../civil-time/index.js';
import type { Plan } from '../settings/index.js';
import { homeOf } from '../testing/homes.js';
import { anyPlan } from '../testing/plans.js';
import { clockFaults } from './clock-off.js';
import { check, SEVERITIES, type FindingCode } from './index.js';
import { runs } from '../testing/runs.js';

const FROM = parseDate('2026-06-01')!;
const ofCode = (plan: Plan, code: FindingCode) =>
  check(plan, FROM).filter((finding) => finding.code === code);
const places = (plan: Plan, code: FindingCode) =>
  ofCode(plan, code).map(({ program, station }) => [program, station]);

describe('a clock is taken apart', () => {
  const DAY = 86_400;
  test.each([
    [300, ['drift']],
    [-299 + DAY, ['weekday']],
    [3600, ['hour']],
    [-3300, ['hour']],
    [3901, ['drift']],
    [43_500, ['am-pm']],
    [-43_501, ['drift', 'weekday']],
    [-43_200 - DAY, ['am-pm', 'weekday']],
    [7 * DAY, ['date']],
    [-364 * DAY + 3600, ['hour', 'date']],
    [365 * DAY, ['weekday']],
    [DAY - 3600, ['hour', 'weekday']],
  ])('%d s ahead', (offSeconds, kinds) => {
    expect(clockFaults(offSeconds).kinds).toEqual(kinds);
  });
});

describe('a percentage', () => {
  const scaled = (timer: object | null, season: object, a = {}) =>
    homeOf({ timer: { season: timer }, controller: { season }, a });
  const monthly = { mode: 'monthly', percents: [0, 100, 35, 160, ...Array<number>(8).fill(100)] };

  test.each<[string, Plan, unknown[]]>([
    ['below the least', scaled({}, { mode: 'whole', percent: 0 }), [[null, null]]],
    ['above the most', scaled({}, { mode: 'whole', percent: 160 }), [[null, null]]],
    ['that is none', scaled(null, { mode: 'whole', percent: 90 }), [[null, null]]],
    ['at 100 without the feature', scaled(null, { mode: 'program' }), []],
    ['in a mode it lacks', scaled({ modes: ['whole'] }, { mode: 'program' }), [['A', null]]],
    [
      'by program',
      scaled({ modes: ['program'] }, { mode: 'program' }, { percent: 95 }),
      [['A', null]],
    ],
    [
      'not in force',
      scaled({ modes: ['whole'] }, { mode: 'whole', percent: 100 }, { percent: 7 }),
      [],
    ],
    ['by month', scaled({ modes: ['monthly'] }, monthly), [[null, null]]],
  ])('%s', (_, plan, expected) => {
    expect(places(plan, 'percent-beyond-timer')).toEqual(expected);
  });

  it('by month is told for the first month, and counted', () => {
    const [finding] = ofCode(scaled({ modes: ['monthly'] }, monthly), 'percent-beyond-timer');
    expect(finding).toMatchObject({
      count: 3,
      message: expect.stringContaining('January') as string,
    });
  });
});

describe('local rules', () => {
  it('spare exempt heads from days and hours, but not from mowing', () => {
    const drip = homeOf({
      one: { head: 'drip' },
      rules: {
        exempt: ['drip'],
        weekdays: [],
        noWater: [{ from: '00:00', to: '00:00' }],
        mowingWeekdays: [2],
      },
    });
    expect(places(drip, 'rule-day')).toEqual([['A', 2]]);
    expect(places(drip, 'rule-hours')).toEqual([['A', 2]]);
    expect(places(drip, 'mowing-day')).toHaveLength(2);
  });

  it('go by odd dates, the 31st included', () => {
    const rules = { dateParity: 'odd' };
    const even = ofCode(homeOf({ rules }), 'rule-day')[0]!;
    expect(even).toMatchObject({ first: '2026-06-02T04:00:00', afterMidnight: false });
    const odd = homeOf({ rules, a: { days: { mode: 'odd' } } });
    expect(ofCode(odd, 'rule-day')).toEqual([]);
  });

  it('look at what the timer really does: a run that had to wait is late, one that was left out is not', () => {
    const late = (overlap: string) =>
      homeOf({
        timer: { overlap },
        rules: { finishBy: '04:45' },
        others: [
          {
            id: 'B',
            starts: ['04:15'],
            days: { mode: 'weekdays', weekdays: [2] },
            runs: [{ station: 2, seconds: 1800 }],
          },
        ],
      });
    expect(places(late('queue'), 'late-finish')).toEqual([['B', null]]);
    expect(places(late('drop'), 'late-finish')).toEqual([]);
    expect(places(late('concurrent'), 'late-finish')).toEqual([]);
  });

  it('give an evening run until the next morning, and a run at noon too', () => {
    const at = (start: string) => homeOf({ rules: { finishBy: '05:40' }, a: { starts: [start] } });
    expect(places(at('12:00'), 'late-finish')).toEqual([]);
    expect(places(at('11:45'), 'late-finish')).toEqual([['A', null]]);
  });
});

describe('water in the ground', () => {
  it('is too often by the dates of two programs together', () => {
    const b = (weekdays: number[]) => ({
      id: 'B',
      starts: ['20:00'],
      days: { mode: 'weekdays', weekdays },
      runs: [{ station: 2, seconds: 600 }],
    });
    const home = (weekdays: number[]) =>
      homeOf({ a: { days: { mode: 'weekdays', weekdays: [1, 2, 3] } }, others: [b(weekdays)] });
    expect(places(home([4, 5, 6]), 'too-often')).toEqual([[null, 2]]);
    expect(places(home([3, 5, 6]), 'too-often')).toEqual([]);
    const growing = homeOf({
      a: { days: { mode: 'interval', everyDays: 1, anchor: '2026-06-01' } },
      one: { plant: 'seed' },
    });
    expect(places(growing, 'too-often')).toEqual([[null, 2]]);
  });

  it('has each part of a piece judged that a window cuts', () => {
    const cut = homeOf({
      timer: { noWaterWindows: true },
      controller: { noWater: [{ from: '04:05', to: '04:06' }] },
      one: { runoffSeconds: 300, minSoakSeconds: 61 },
    });
    expect(places(cut, 'runoff')).toEqual([]);
    expect(places(cut, 'short-soak')).toEqual([['A', 1]]);
  });

  it('counts as no soak when a station is open twice at once', () => {
    const twice = homeOf({
      timer: { overlap: 'concurrent' },
      one: { minSoakSeconds: 0 },
      a: { starts: ['04:00', '04:05'] },
    });
    const [finding] = ofCode(twice, 'short-soak');
    expect(finding!.message).toContain('while it is still on');
  });

  it('counts the flow of a station once, however often it is open', () => {
    const open = (supplyLpm: number) =>
      homeOf({
        site: { supplyLpm },
        timer: { overlap: 'concurrent' },
        one: { flowLpm: 20 },
        a: { starts: ['04:00', '04:05'], runs: [{ station: 1, seconds: 600 }] },
      });
    expect(ofCode(open(20), 'flow-over')).toEqual([]);
    expect(ofCode(open(19), 'flow-over')).toHaveLength(1);
  });
});

describe('hours without watering', () => {
  const cutBy = (noWater: object[], fields: Parameters<typeof homeOf>[0] = {}) =>
    ofCode(
      homeOf({
        ...fields,
        timer: { noWaterWindows: true, ...fields.timer },
        controller: { noWater, ...fields.controller },
      }),
      'window-cuts',
    );
  const loss = (noWater: object[], fields?: Parameters<typeof homeOf>[0]) =>
    cutBy(noWater, fields).map(({ station, lostSeconds }) => [station, lostSeconds]);

  it('that swallow a piece whole say that it is not watered', () => {
    const [first] = cutBy([{ from: '03:00', to: '04:10' }]);
    expect(first).toMatchObject({ station: 1, lostSeconds: 600, first: '2026-06-02T04:00:00' });
    expect(first!.message).toBe(
      'Station 1 (Front lawn) in program A is not watered (10 min) on Tue 2 June: from 03:00 to 04:10 this timer lets nothing water.',
    );
  });

  it('count once where two of them lie over each other', () => {
    const [first] = cutBy([
      { from: '04:02', to: '04:06' },
      { from: '04:04', to: '04:08' },
    ]);
    expect(first).toMatchObject({ lostSeconds: 360, count: 17 });
    expect(first!.message).toContain('from 04:02 to 04:08');
  });

  it('that begin the evening before take what they reach', () => {
    expect(loss([{ from: '22:00', to: '04:03', weekdays: [1] }])).toEqual([[1, 180]]);
    expect(loss([{ from: '22:00', to: '04:03', weekdays: [2] }])).toEqual([]);
  });

  it('take nothing of what another program has cut off already', () => {
    const b = { id: 'B', starts: ['04:05'], days: { mode: 'weekdays', weekdays: [2, 6] } };
    const fields = {
      timer: { overlap: 'preempt' },
      others: [{ ...b, runs: [{ station: 1, seconds: 60 }] }],
    };
    // A is cut off at 04:05: its second station never opens, and no hours take it.
    expect(loss([{ from: '04:06', to: '05:00' }], fields)).toEqual([]);
    expect(loss([{ from: '04:04', to: '04:05' }], fields)).toEqual([[1, 60]]);
  });

  it('are nothing on a timer that cannot keep them', () => {
    expect(loss([{ from: '04:00', to: '05:00' }], { timer: { noWaterWindows: false } })).toEqual(
      [],
    );
  });
});

it('weather, off and pauses do not hide what is wrong', () => {
  const home = homeOf({
    controller: { off: true },
    rules: { finishBy: '04:00' },
    weather: { rain: [{ from: '2026-06-01T00:00:00', to: '2026-12-01T00:00:00' }] },
  });
  expect(ofCode(home, 'late-finish')).toHaveLength(1);
  const pauses = [{ from: '2026-06-01T00:00:00', to: '2029-01-01T00:00:00' }];
  expect(ofCode(homeOf({ controller: { pauses } }), 'never-waters')).toEqual([]);
});

it('a collision that comes only in July is found in January, by its date', () => {
  const percents = Array.from({ length: 12 }, (_, month) => (month === 6 ? 150 : 100));
  const home = homeOf({
    timer: { season: { modes: ['monthly'] } },
    controller: { season: { mode: 'monthly', percents } },
    others: [
      {
        id: 'B',
        starts: ['04:25'],
        days: { mode: 'weekdays', weekdays: [2] },
        runs: [{ station: 2, seconds: 600 }],
      },
    ],
  });
  const january = parseDate('2026-01-05')!;
  const [finding] = check(home, january).filter(({ code }) => code === 'collision');
  expect(finding).toMatchObject({ first: '2026-07-07T04:25:00', seconds: 300 });
});

it('on any plan findings are in order, one for each place, and in whole sentences', () => {
  fc.assert(
    fc.property(anyPlan, (plan) => {
      const findings = check(plan, FROM);
      const order = findings.map(({ severity, code }) => `${SEVERITIES.indexOf(severity)} ${code}`);
      expect(order).toEqual([...order].sort());
      const keys = findings.map(({ code, program, station, startNumber, b }) =>
        JSON.stringify([code, program, station, b && [startNumber, b]]),
      );
      expect(new Set(keys).size).toBe(keys.length);
      for (const { message, fix } of findings)
        expect(`${message} ${fix}`).not.toMatch(/undefined|NaN|null|Infinity/);
    }),
    runs(80, 1_000),
  );
});
