import {
  addDays,
  addSeconds,
  parseDateTime,
  startOfDay,
  type DayNumber,
  type TimerSeconds,
} from '../civil-time/index.js';
import type { CompiledPlan, CompiledProgram } from './compiled-plan.js';
import { factsOf, type DayPredicate } from './day-predicate.js';
import type { RunShape } from './run-shape.js';

/** A program run as its settings ask for it, before any other run or window has its say. */
export interface NominalRun {
  readonly program: CompiledProgram;
  readonly startNumber: number;
  /** When its start time is. */
  readonly nominal: TimerSeconds;
  /** The run alone: its pieces and its length. */
  readonly shape: RunShape;
}

/** Dates of the timer's calendar: `from` and the `days` − 1 dates after it. */
export interface DateRange {
  readonly from: DayNumber;
  readonly days: number;
}

/**
 * Every run whose start falls on a date of the range and in no pause, in the order of section 6:
 * by nominal start, then the timer's order of programs, then start number.
 */
export function nominalRuns(
  { plan, starts, budget }: CompiledPlan,
  range: DateRange,
): NominalRun[] {
  if (plan.controller.off) return [];
  const pauses = plan.controller.pauses.map(({ from, to }) => ({
    from: parseDateTime(from)!,
    to: parseDateTime(to)!,
  }));
  const isPaused = (moment: TimerSeconds) =>
    pauses.some(({ from, to }) => moment >= from && moment < to);
  const runs: NominalRun[] = [];
  const waters = new Map<DayPredicate, RunShape | null>();
  for (let offset = 0; offset < range.days; offset++) {
    const facts = factsOf(addDays(range.from, offset));
    const midnight = startOfDay(facts.day);
    waters.clear();
    budget.spend('looks', starts.length);
    for (const { program, startNumber, secondOfDay, watersOn } of starts) {
      let shape = waters.get(watersOn);
      if (shape === undefined) {
        shape = watersOn(facts) ? program.shapeAt(program.percentOn(facts)) : null;
        waters.set(watersOn, shape);
      }
      if (shape === null || shape.pieces.length === 0) continue;
      const nominal = addSeconds(midnight, secondOfDay);
      if (isPaused(nominal)) continue;
      budget.spend('pieces', shape.pieces.length);
      runs.push({ program, startNumber, nominal, shape });
    }
  }
  return runs;
}
