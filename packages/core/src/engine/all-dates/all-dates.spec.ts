import fc from 'fast-check';
import { addDays, parseDate } from '../../civil-time/index.js';
import type { Plan, ProgramSettings } from '../../settings/index.js';
import { anyPlan, planOf } from '../../testing/plans.js';
import { compareRuns } from '../collisions.js';
import {
  allDates,
  allDatesReport,
  factsOf,
  headroomPercent,
  percentGrid,
  runAlone,
  simulate,
} from '../index.js';
import { firstCollision, firstCollisions } from './index.js';
import { runs } from '../../testing/runs.js';

const FROM = parseDate('2026-05-28')!;
const SCANNED_DAYS = 800;

/** The plan with nothing that `forever` does not look at. */
const bare = (plan: Plan): Plan => ({
  ...plan,
  controller: { ...plan.controller, off: false, pauses: [] },
});

/** Where the weather may set any percentage on any date: each program at the one that makes it longest. */
function atLongest(plan: Plan): Plan {
  const { season } = plan.controller;
  if (season.mode !== 'weather') return plan;
  const { leastPercent, mostPercent } = season;
  const grid = [10, 20, 30, 40, 50, 60, 70, 80, 90, 100, 110, 120, 130, 140, 150];
  const inForce = [leastPercent, mostPercent, ...grid].filter(
    (percent) => leastPercent <= percent && percent <= mostPercent,
  );
  const lengthAt = (program: ProgramSettings, percent: number) => {
    const controller = { ...plan.controller, season: { mode: 'whole' as const, percent } };
    return runAlone({ ...plan, controller }, program, factsOf(FROM)).shape.lengthSeconds;
  };
  return {
    ...plan,
    controller: { ...plan.controller, season: { mode: 'program' } },
    programs: plan.programs.map((program) => ({
      ...program,
      percent: inForce.reduce((best, percent) =>
        lengthAt(program, percent) > lengthAt(program, best) ? percent : best,
      ),
    })),
  };
}

const name = ({ a, b, seconds }: ReturnType<typeof firstCollisions>[number]) =>
  [a, b].map((run) => `${run.program.id}${run.startNumber} ${run.nominal}`).join(' ') +
  ` ${seconds}`;

/** The first collision of each pair of starts, by looking at every day of a range. */
function scanned(plan: Plan, days = SCANNED_DAYS) {
  const first = new Map<string, ReturnType<typeof firstCollisions>[number]>();
  for (const collision of simulate(atLongest(bare(plan)), { from: FROM, days }).collisions) {
    const { a, b } = collision;
    const key = `${a.program.id}${a.startNumber} ${b.program.id}${b.startNumber}`;
    if (!first.has(key)) first.set(key, collision);
  }
  return [...first.values()].sort(
    (x, y) => x.b.nominal - y.b.nominal || compareRuns(x.a, y.a) || compareRuns(x.b, y.b),
  );
}

const isWithin = (days: number) => (collision: ReturnType<typeof firstCollisions>[number]) =>
  collision.b.nominal < addDays(FROM, days) * 86_400;

it('agrees with a look at every day, for every pair of starts', () => {
  fc.assert(
    fc.property(anyPlan, (plan) => {
      const exact = firstCollisions(plan, FROM).filter(isWithin(SCANNED_DAYS));
      expect(exact.map(name)).toEqual(scanned(plan).map(name));
    }),
    runs(200, 20_000),
  );
});

it('agrees with trying each percentage of the timer', () => {
  fc.assert(
    fc.property(anyPlan, (any) => {
      const plan = any;
      const collides = (percent: number) =>
        firstCollision(
          { ...plan, controller: { ...plan.controller, season: { mode: 'whole', percent } } },
          FROM,
        ) !== null;
      const grid = percentGrid(plan.timer.season!);
      const first = grid.findIndex(collides);
      const expected = first < 0 ? grid.at(-1)! : (grid[first - 1] ?? null);
      expect(headroomPercent(plan, FROM)).toBe(expected);
      expect(allDates(plan, FROM).gridPercents).toEqual(
        grid.map((percent) => ({ percent, isClear: !collides(percent) })),
      );
    }),
    runs(100, 1_000),
  );
});

const twoPrograms = (a: object, b: object, timer = {}, controller = {}) =>
  planOf({
    timer,
    controller,
    stations: [{ number: 1 }],
    programs: [
      { id: 'A', starts: ['04:00'], runs: [{ station: 1, seconds: 3600 }], ...a },
      { id: 'B', starts: ['04:30'], runs: [{ station: 1, seconds: 3600 }], ...b },
    ],
  });

const interval = (everyDays: number, anchor: string) => ({
  days: { mode: 'interval', everyDays, anchor },
});

it('finds a meeting of long intervals years ahead, and knows when there is none', () => {
  const plan = twoPrograms(interval(31, '2026-06-01'), interval(29, '2026-06-02'));
  const { firstCollision: first } = allDatesReport(plan, FROM);
  // 31 x = 29 y + 1 first holds for x = 15, y = 16: 465 days after 1 June 2026.
  expect(first?.a.nominal).toBe('2027-09-09T04:00:00');
  const never = twoPrograms(interval(14, '2026-06-01'), interval(21, '2026-06-02'));
  expect(allDatesReport(never, FROM)).toEqual({ firstCollision: null, headroomPercent: 150 });
});

it('waits for a 29 February on a Monday, over the turn of a century', () => {
  const leap = { monthDaysOff: true };
  const offDays = {
    monthDaysOff: Array.from({ length: 28 }, (_, index) => index + 1).concat(30, 31),
  };
  const months = { season: { mode: 'monthly', percents: [0, 100, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0] } };
  const monday = { days: { mode: 'weekdays', weekdays: [1] } };
  const plan = twoPrograms(monday, monday, leap, { ...offDays, ...months });
  const from = parseDate('2072-03-01')!;
  const expected = (() => {
    for (let year = 2073; ; year++) {
      const day = parseDate(`${year}-02-29`);
      if (day !== null && new Date(day * 86_400_000).getUTCDay() === 1)
        return `${year}-02-29T04:00:00`;
    }
  })();
  expect(allDatesReport(plan, from).firstCollision?.a.nominal).toBe(expected);
});

it('proves that odd and even days keep apart on one day but not from one night to the next', () => {
  const odd = { days: { mode: 'odd' } };
  const even = { days: { mode: 'even' } };
  expect(firstCollision(twoPrograms(odd, even), FROM)).toBeNull();
  const late = twoPrograms({ ...odd, starts: ['23:45'] }, { ...even, starts: ['00:15'] });
  expect(firstCollision(late, FROM)?.seconds).toBe(1800);
});

it('looks neither at off nor at pauses, windows or weather', () => {
  const monday = { days: { mode: 'weekdays', weekdays: [1] } };
  const off = twoPrograms(monday, monday, {}, { off: true });
  expect(firstCollision(off, FROM)).not.toBeNull();
});

it('has no headroom where even the smallest percentage collides, or there is none', () => {
  const monday = { days: { mode: 'weekdays', weekdays: [1] } };
  const same = twoPrograms(monday, { ...monday, starts: ['04:00'] });
  expect(headroomPercent(same, FROM)).toBeNull();
  expect(headroomPercent(twoPrograms(monday, monday, { season: null }), FROM)).toBeNull();
});
