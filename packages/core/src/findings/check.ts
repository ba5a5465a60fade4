import type { DayNumber } from '../civil-time/index.js';
import type { Plan } from '../settings/index.js';
import { SEVERITIES, type FindingFacts, type Severity } from './finding.js';
import { RULES } from './rules.js';
import { Situation } from './situation.js';

export type FindingCode = (typeof RULES)[number]['code'];

/** Something found on a timer: what, how bad, about which program, station or start, and the fix. */
export interface Finding extends Omit<FindingFacts, 'program' | 'station' | 'startNumber'> {
  readonly code: FindingCode;
  readonly severity: Severity;
  /** Null where the finding is not about one. */
  readonly program: string | null;
  readonly station: number | null;
  readonly startNumber: number | null;
}

const REPORTED = [...RULES].sort(
  (x, y) =>
    SEVERITIES.indexOf(x.severity) - SEVERITIES.indexOf(y.severity) || (x.code < y.code ? -1 : 1),
);

/**
 * All that is to be found on a timer from a date on: errors first, then by code, program (in the
 * timer's order, what is about none first), station and start. No finding hides another.
 */
export const check = (plan: Plan, from: DayNumber): Finding[] =>
  findingsOf(new Situation(plan, from));

export function findingsOf(situation: Situation): Finding[] {
  const byPlace = inPlaceOrder(situation.plan.timer.programs);
  return REPORTED.flatMap((rule) => found(rule, situation).sort(byPlace));
}

/** What one rule finds, in no order. */
export const found = ({ code, severity, find }: (typeof RULES)[number], situation: Situation) =>
  find(situation).map((facts): Finding => ({
    code,
    severity,
    program: null,
    station: null,
    startNumber: null,
    ...facts,
  }));

/** By program, station and start, and of collisions by the second start, on a timer's programs. */
function inPlaceOrder(programs: readonly string[]): (x: Finding, y: Finding) => number {
  const keyOf = ({ program, station, startNumber, b }: Finding): number[] => [
    program === null ? -1 : programs.indexOf(program),
    station ?? 0,
    startNumber ?? 0,
    b ? programs.indexOf(b.program) : 0,
    b?.startNumber ?? 0,
  ];
  return (x, y) => {
    const [ofX, ofY] = [keyOf(x), keyOf(y)];
    const differing = ofX.findIndex((value, index) => value !== ofY[index]);
    return differing < 0 ? 0 : ofX[differing]! - ofY[differing]!;
  };
}
