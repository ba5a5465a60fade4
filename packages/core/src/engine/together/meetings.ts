import {
  asDayNumber,
  asTimerSeconds,
  SECONDS_PER_DAY,
  type DayNumber,
  type TimerSeconds,
} from '../../civil-time/index.js';
import { Coincidences } from '../all-dates/coincidences.js';
import { longestRun, MONTHS, monthsLongerThan, runOn } from '../all-dates/first-collision.js';
import type { CompiledProgram, CompiledStart } from '../compiled-plan.js';
import type { NominalRun } from '../nominal-runs.js';
import { ownTimeAt, type TimerOnSupply } from './timer-on-supply.js';

/** A run of one of several timers. */
export interface RunOfTimer {
  /** The timer's place, from 0. */
  readonly timer: number;
  readonly run: NominalRun;
  readonly trueTime: TimerSeconds;
}

/** Two runs of different timers that overlap in true time; `b` begins while `a`, alone, is still going. */
export interface Meeting {
  readonly a: RunOfTimer;
  readonly b: RunOfTimer;
  /** How long both would be going, each alone. */
  readonly seconds: number;
}

/** A start of one timer and one of another, where the second comes so long after the first in true time. */
interface Pair {
  readonly timerA: TimerOnSupply;
  readonly a: CompiledStart;
  readonly timerB: TimerOnSupply;
  readonly b: CompiledStart;
  /** The date of B in its own calendar, less that of A in its own. */
  readonly later: number;
  readonly offsetSeconds: number;
}

/**
 * The earliest overlap of runs of different timers on any date, both from the true midnight of `from` on; null when
 * there is none, ever. Exact as the first collision of one timer is (`firstCoincidence`): a clock that is wrong
 * only moves what is compared, by whole days and by seconds of the day.
 */
export function firstMeeting(timers: readonly TimerOnSupply[], from: DayNumber): Meeting | null {
  let best: Meeting | null = null;
  const meet = coincidences(from);
  eachPair(timers, longestRun, (pair) => {
    const { a, b, offsetSeconds } = pair;
    const months = monthsLongerThan(a.program, offsetSeconds);
    const day = meet(pair, months, monthsLongerThan(b.program, 0));
    if (day === null) return;
    const meeting = meetingOf(pair, day);
    if (!best || inOrder(meeting, best) < 0) best = meeting;
  });
  return best;
}

/**
 * How long after a run of one timer the next of another begins at least, on any date: so far their clocks may drift
 * apart without an overlap. 0 where they meet; null where none follows another within a day.
 */
export function smallestGapSeconds(
  timers: readonly TimerOnSupply[],
  from: DayNumber,
): number | null {
  let smallest = Infinity;
  const meet = coincidences(from);
  eachPair(
    timers,
    (a) => longestRun(a) + SECONDS_PER_DAY,
    (pair) => {
      for (const [seconds, months] of monthsByLength(pair.a.program)) {
        const gap = Math.max(0, pair.offsetSeconds - seconds);
        if (seconds === 0 || gap >= smallest) continue;
        if (meet(pair, months, monthsLongerThan(pair.b.program, 0)) !== null) smallest = gap;
      }
    },
  );
  return Number.isFinite(smallest) ? smallest : null;
}

/** Every start of one timer after one of another, nearer than `withinSeconds` of the first's program. */
function eachPair(
  timers: readonly TimerOnSupply[],
  withinSeconds: (a: CompiledProgram) => number,
  take: (pair: Pair) => void,
): void {
  for (const timerA of timers) {
    const { starts, budget } = timerA.compiled;
    const within = new Map(starts.map(({ program }) => [program, withinSeconds(program)]));
    for (const timerB of timers) {
      if (timerA === timerB) continue;
      budget.spend('looks', starts.length * timerB.compiled.starts.length * LOOKS_AT_A_PAIR);
      for (const a of starts) {
        const near = within.get(a.program)!;
        for (const b of timerB.compiled.starts) pairsOf({ timerA, a, timerB, b }, near, take);
      }
    }
  }
}

/** Two starts, by how many dates the second is after the first. */
function pairsOf(
  starts: Omit<Pair, 'later' | 'offsetSeconds'>,
  withinSeconds: number,
  take: (pair: Pair) => void,
): void {
  const { timerA, a, timerB, b } = starts;
  const sameDay = b.secondOfDay - timerB.aheadSeconds - (a.secondOfDay - timerA.aheadSeconds);
  let later = Math.ceil(-sameDay / SECONDS_PER_DAY);
  for (; later * SECONDS_PER_DAY + sameDay < withinSeconds; later++) {
    const offsetSeconds = later * SECONDS_PER_DAY + sameDay;
    // Of two that begin at one moment the first is that of the timer that is named first.
    if (offsetSeconds > 0 || timerA.place < timerB.place) take({ ...starts, later, offsetSeconds });
  }
}

/** Looking up two programs, their months and their lengths. */
const LOOKS_AT_A_PAIR = 200;

/** The first date of A, in its own calendar, on which a pair comes; each question is worked out once. */
function coincidences(from: DayNumber) {
  const known = new Coincidences();
  return (pair: Pair, monthsOfA: number, monthsOfB: number): DayNumber | null => {
    const { timerA, a, timerB, b, later } = pair;
    const least = Math.max(
      firstDate(from, timerA, a),
      // B's own date is `later` days after A's.
      firstDate(from, timerB, b) - later,
    );
    return known.first(
      { pattern: a.pattern, months: monthsOfA },
      { pattern: b.pattern, months: monthsOfB },
      later,
      { from: asDayNumber(least), budget: timerA.compiled.budget },
    );
  };
}

/** The first date, in a timer's own calendar, on which a start comes at a true time not before a true midnight. */
const firstDate = (from: DayNumber, timer: TimerOnSupply, { secondOfDay }: CompiledStart): number =>
  Math.ceil((ownTimeAt(from, timer) - secondOfDay) / SECONDS_PER_DAY);

function monthsByLength(program: CompiledProgram): Map<number, number> {
  const masks = new Map<number, number>();
  for (const month of MONTHS) {
    const seconds = program.longestIn(month).lengthSeconds;
    masks.set(seconds, (masks.get(seconds) ?? 0) | (1 << month));
  }
  return masks;
}

function meetingOf({ timerA, a, timerB, b, later }: Pair, day: DayNumber): Meeting {
  const first = runOfTimer(timerA, runOn(a, day));
  const second = runOfTimer(timerB, runOn(b, asDayNumber(day + later)));
  const end = ({ trueTime, run }: RunOfTimer) => trueTime + run.shape.lengthSeconds;
  return {
    a: first,
    b: second,
    seconds: Math.min(end(first), end(second)) - second.trueTime,
  };
}

const runOfTimer = ({ place, aheadSeconds }: TimerOnSupply, run: NominalRun): RunOfTimer => ({
  timer: place,
  run,
  trueTime: asTimerSeconds(run.nominal - aheadSeconds),
});

/** By the true time of the later, then by the earlier run, then by the later. */
const inOrder = (x: Meeting, y: Meeting): number =>
  x.b.trueTime - y.b.trueTime || compare(x.a, y.a) || compare(x.b, y.b);

const compare = (x: RunOfTimer, y: RunOfTimer): number =>
  x.trueTime - y.trueTime ||
  x.timer - y.timer ||
  x.run.program.order - y.run.program.order ||
  x.run.startNumber - y.run.startNumber;
