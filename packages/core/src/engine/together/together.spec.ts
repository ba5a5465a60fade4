import fc from 'fast-check';
import { addDays, parseDate, parseDateTime, startOfDay } from '../../civil-time/index.js';
import type { Plan } from '../../settings/index.js';
import { anyPlan, planOf } from '../../testing/plans.js';
import { readWhole, withPublicCases } from '../../testing/cases.js';
import { runs } from '../../testing/runs.js';
import { clockErrorSeconds, simulate } from '../index.js';
import { clocksMayDriftSeconds, together, togetherReport } from './index.js';

const FROM = parseDate('2026-06-01')!;
const SCANNED_DAYS = 200;

withPublicCases(
  ({ command, expectError }) => command.verb === 'together' && !expectError,
  ({ plans, command, expect: expected }) => {
    const range = { from: parseDate(command.from)!, days: command.days || 60 };
    expect(togetherReport(plans!.map(readWhole), range)).toEqual(expected);
  },
);

const clocks = fc.constantFrom(
  undefined,
  { timerReads: '2026-06-01T08:20:01', trueTime: '2026-06-01T08:00:00' },
  { timerReads: '2026-05-31T21:00:00', trueTime: '2026-06-01T09:00:00' },
  { timerReads: '2025-06-02T09:00:00', trueTime: '2026-06-01T09:00:00' },
);

/** A plan whose runs are as long on any date, with a clock that may be wrong. */
const anyTimer = fc.tuple(anyPlan, clocks).map(([plan, clock]): Plan => ({
  ...plan,
  site: { supplyLpm: 30 },
  controller: {
    ...plan.controller,
    season: { mode: 'whole', percent: 100 },
    ...(clock && { clock }),
  },
  stations: plan.stations.map((station) => ({ ...station, flowLpm: 7.5 * station.number })),
}));

/** Every run of a timer on many dates, in true time, as if nothing held it up. */
function trueRuns(plan: Plan, timer: number) {
  const ahead = clockErrorSeconds(plan.controller);
  const bare = { ...plan, controller: { ...plan.controller, off: false, pauses: [] } };
  const first = Math.floor((startOfDay(FROM) + ahead) / 86_400) - 2;
  return simulate(bare, { from: addDays(parseDate('1970-01-01')!, first), days: SCANNED_DAYS + 4 })
    .nominal.map(({ nominal, program, startNumber, shape }) => ({
      ...{ timer, program: program.order, startNumber, begin: nominal - ahead },
      end: nominal - ahead + shape.lengthSeconds,
    }))
    .filter(({ begin }) => begin >= startOfDay(FROM));
}

type TrueRun = ReturnType<typeof trueRuns>[number];
const inOrder = (x: TrueRun, y: TrueRun) =>
  x.begin - y.begin || x.timer - y.timer || x.program - y.program || x.startNumber - y.startNumber;

/** Pairs of runs of different timers, the earlier first, by the second of them. */
function pairs(plans: readonly Plan[]) {
  const all = plans.flatMap(trueRuns).sort(inOrder);
  return all.flatMap((b, index) =>
    all.slice(0, index).flatMap((a) => (a.timer === b.timer ? [] : [{ a, b }])),
  );
}

it('the first meeting is the one that a look at every run finds', () => {
  const end = startOfDay(addDays(FROM, SCANNED_DAYS));
  fc.assert(
    fc.property(anyTimer, anyTimer, (one, other) => {
      const [met] = pairs([one, other]).filter(({ a, b }) => b.begin < a.end && b.begin < end);
      const { firstMeeting } = together([one, other], { from: FROM, days: 1 });
      if (!met) {
        if (firstMeeting) expect(firstMeeting.b.trueTime).toBeGreaterThanOrEqual(end);
        return;
      }
      const { a, b } = met;
      expect(firstMeeting).toMatchObject({
        a: { timer: a.timer, trueTime: a.begin },
        b: { timer: b.timer, trueTime: b.begin },
        seconds: Math.min(a.end, b.end) - b.begin,
      });
      expect([firstMeeting!.a.run, firstMeeting!.b.run]).toMatchObject([
        { startNumber: a.startNumber, program: { order: a.program } },
        { startNumber: b.startNumber, program: { order: b.program } },
      ]);
    }),
    runs(60, 2000),
  );
});

it('the flow that is first too much is the one that a look at every second finds', () => {
  const days = 3;
  const end = startOfDay(addDays(FROM, days));
  fc.assert(
    fc.property(anyTimer, anyTimer, (one, other) => {
      const open = [one, other].flatMap((plan, timer) => {
        const ahead = clockErrorSeconds(plan.controller);
        const first = Math.floor((startOfDay(FROM) + ahead) / 86_400) - 2;
        const range = { from: addDays(parseDate('1970-01-01')!, first), days: days + 5 };
        return simulate(plan, range).pieces.map(({ station, from, to }) => ({
          ...{ timer, station, from: from - ahead, to: to - ahead },
        }));
      });
      const lpmAt = (moment: number) => {
        const now = open.filter(({ from, to }) => from <= moment && moment < to);
        const stations = new Set(now.map(({ timer, station }) => `${timer} ${station}`));
        return [...stations].reduce((sum, name) => sum + 7.5 * Number(name.split(' ')[1]), 0);
      };
      const moments = [startOfDay(FROM), ...open.map(({ from }) => from)]
        .filter((moment) => moment >= startOfDay(FROM) && moment < end)
        .sort((a, b) => a - b);
      const at = moments.find((moment) => lpmAt(moment) > 30);
      const { firstFlowOver } = together([one, other], { from: FROM, days });
      expect(firstFlowOver && [firstFlowOver.at, firstFlowOver.lpm]).toEqual(
        at === undefined ? null : [at, lpmAt(at)],
      );
    }),
    runs(40, 1000),
  );
});

const daily = (start: string, minutes: number, days: object = { mode: 'odd' }, fields = {}) =>
  planOf({
    stations: [{ number: 1 }],
    programs: [{ id: 'A', starts: [start], days, runs: [{ station: 1, seconds: minutes * 60 }] }],
    ...fields,
  });

it('clocks may drift apart by the shortest time between a run of one and the next of another', () => {
  const all = { mode: 'weekdays', weekdays: [1, 2, 3, 4, 5, 6, 7] };
  const apart = (...plans: Plan[]) => clocksMayDriftSeconds(plans, FROM);
  expect(apart(daily('04:00', 30, all), daily('04:37', 10, all))).toBe(7 * 60);
  // The other way round it is as long, over midnight too.
  expect(apart(daily('00:10', 10, all), daily('23:30', 30, all))).toBe(10 * 60);
  expect(apart(daily('04:00', 30, all), daily('04:20', 10, all))).toBe(0);
  expect(apart(daily('04:00', 30), daily('04:05', 30, { mode: 'even' }))).toBe(84_300);
  expect(apart(daily('04:00', 30, all), daily('04:00', 30, { mode: 'weekdays' }))).toBeNull();
});

it('a percentage of the weather is taken at its longest, a clock in true time, three timers pair by pair', () => {
  const season = {
    timer: { season: { modes: ['weather'] } },
    controller: { season: { mode: 'weather', leastPercent: 20, mostPercent: 150 } },
  };
  const all = { mode: 'weekdays', weekdays: [1, 2, 3, 4, 5, 6, 7] };
  const quiet = daily('12:00', 5, all);
  const { firstMeeting } = together(
    [quiet, daily('04:00', 60, all, season), daily('05:20', 20, all)],
    { from: FROM, days: 1 },
  );
  expect([firstMeeting!.a.timer, firstMeeting!.b.timer, firstMeeting!.seconds]).toEqual([
    1, 2, 600,
  ]);
  expect(firstMeeting!.b.trueTime).toBe(parseDateTime('2026-06-01T05:20:00'));
});
