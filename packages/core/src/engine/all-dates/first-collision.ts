import {
  addDays,
  civilDateOf,
  startOfDay,
  addSeconds,
  SECONDS_PER_DAY,
  type DayNumber,
  type TimerSeconds,
} from '../../civil-time/index.js';
import type { Budget } from '../budget.js';
import { compareRuns, type Collision } from '../collisions.js';
import type { CompiledPlan, CompiledProgram, CompiledStart } from '../compiled-plan.js';
import type { NominalRun } from '../nominal-runs.js';
import { Coincidences } from './coincidences.js';

export const MONTHS = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12] as const;

/** When program runs meet, on any date from `from` on: each question is worked out once. */
export class Meetings {
  readonly #coincidences = new Coincidences();

  constructor(
    readonly compiled: CompiledPlan,
    private readonly from: DayNumber,
  ) {}

  /** The first day on which `a` comes in one of its months and `b`, `later` days after, in one of its. */
  first(
    a: CompiledStart,
    monthsOfA: number,
    b: CompiledStart,
    monthsOfB: number,
    later: number,
  ): DayNumber | null {
    return this.#coincidences.first(
      { pattern: a.pattern, months: monthsOfA },
      { pattern: b.pattern, months: monthsOfB },
      later,
      { from: this.from, budget: this.compiled.budget },
    );
  }
}

/** A start that may come after another is looked up by the months and dates on which it does. */
const LOOKS_AT_A_START = 50;

/** A start of `b`, and how long after a start of `a` it comes, `later` days on. */
export interface Following {
  readonly b: CompiledStart;
  readonly later: number;
  readonly offsetSeconds: number;
}

/** The starts that come after a start of `a` within `lengthSeconds`, were all of them on their days. */
export function* followings(
  a: CompiledStart,
  starts: readonly CompiledStart[],
  lengthSeconds: number,
  budget: Budget,
): Generator<Following> {
  for (let later = 0; later * SECONDS_PER_DAY < lengthSeconds + a.secondOfDay; later++) {
    budget.spend('looks', starts.length * LOOKS_AT_A_START);
    for (const b of starts) {
      const offsetSeconds = later * SECONDS_PER_DAY + b.secondOfDay - a.secondOfDay;
      const comesAfter =
        offsetSeconds > 0 || (offsetSeconds === 0 && later === 0 && isBefore(a, b));
      if (comesAfter && offsetSeconds < lengthSeconds) yield { b, later, offsetSeconds };
    }
  }
}

/** The order of starts at one moment. */
const isBefore = (a: CompiledStart, b: CompiledStart): boolean =>
  a.program.order < b.program.order ||
  (a.program.order === b.program.order && a.startNumber < b.startNumber);

/** The months in which a run of the program may be longer than this; bit m stands for month m. */
export const monthsLongerThan = (program: CompiledProgram, seconds: number): number =>
  MONTHS.reduce(
    (mask, month) =>
      program.longestIn(month).lengthSeconds > seconds ? mask | (1 << month) : mask,
    0,
  );

export const longestRun = (program: CompiledProgram): number =>
  Math.max(...MONTHS.map((month) => program.longestIn(month).lengthSeconds));

/**
 * For each pair of starts that ever collides on dates from `from` on, its first collision, as the
 * contract's section 7 has it: off, pauses, windows and weather are not looked at.
 * Exact: see {@link firstCoincidence}. A run of A on day d and one of B on day d + k collide when
 * B's start lies before A's end; that depends on d only through the days on which both water and the
 * percentage of A's month; where the weather sets the percentage any
 * of those that it may set can come on any date, and both runs are as long as they ever are. So for each pair of starts and each k within A's length it is enough to
 * know the first d on which A waters in a month that makes it long enough, while B waters k days after.
 */
export function collisionsOf(meetings: Meetings): Collision[] {
  const { starts, budget } = meetings.compiled;
  const found = new Map<string, Collision>();
  for (const a of starts)
    for (const { b, later, offsetSeconds } of followings(
      a,
      starts,
      longestRun(a.program),
      budget,
    )) {
      const day = meetings.first(
        a,
        monthsLongerThan(a.program, offsetSeconds),
        b,
        monthsLongerThan(b.program, 0),
        later,
      );
      if (day === null) continue;
      const collision = collisionOf(runOn(a, day), runOn(b, addDays(day, later)));
      const key = `${a.program.order} ${a.startNumber} ${b.program.order} ${b.startNumber}`;
      const known = found.get(key);
      if (!known || inOrder(collision, known) < 0) found.set(key, collision);
    }
  return [...found.values()].sort(inOrder);
}

/** True when the program has a run on some date. */
export function watersOnAnyDate(meetings: Meetings, id: string): boolean {
  return meetings.compiled.starts
    .filter(({ program }) => program.id === id)
    .some((start) => {
      const months = monthsLongerThan(start.program, 0);
      return meetings.first(start, months, start, months, 0) !== null;
    });
}

export function runOn(
  { program, startNumber, secondOfDay }: CompiledStart,
  day: DayNumber,
): NominalRun {
  return {
    program,
    startNumber,
    nominal: addSeconds(startOfDay(day), secondOfDay),
    shape: program.longestIn(civilDateOf(day).month),
  };
}

const endOf = (run: NominalRun): TimerSeconds => addSeconds(run.nominal, run.shape.lengthSeconds);

const collisionOf = (a: NominalRun, b: NominalRun): Collision => ({
  a,
  b,
  seconds: Math.min(endOf(a), endOf(b)) - b.nominal,
});

/** By the later start, then by the earlier run, then by the later. */
const inOrder = (x: Collision, y: Collision): number =>
  x.b.nominal - y.b.nominal || compareRuns(x.a, y.a) || compareRuns(x.b, y.b);
