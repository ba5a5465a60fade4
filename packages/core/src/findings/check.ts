import type { DayNumber } from '../civil-time/index.js';
import type { Plan } from '../settings/index.js';
import { SEVERITIES, type Found, type Severity } from './finding.js';
import { RULES } from './rules.js';
import { Situation } from './situation.js';

export type FindingCode = (typeof RULES)[number]['code'];

/** Something found on a timer: what, how bad, about which program, station or start, and the mend. */
export interface Finding extends Omit<Found, 'program' | 'station' | 'startNumber'> {
  readonly code: FindingCode;
  readonly severity: Severity;
  /** Null where the finding is not about one. */
  readonly program: string | null;
  readonly station: number | null;
  readonly startNumber: number | null;
}

/**
 * All that is to be found on a timer from a date on: errors first, then by code, program (in the
 * timer's order, what is about none first), station and start. No finding hides another.
 */
export function check(plan: Plan, from: DayNumber): Finding[] {
  const situation = new Situation(plan, from);
  const findings = RULES.flatMap(({ code, severity, find }) =>
    find(situation).map(
      ({ program = null, station = null, startNumber = null, ...found }): Finding => ({
        code,
        severity,
        program,
        station,
        startNumber,
        ...found,
      }),
    ),
  );
  return findings.sort(inOrder(plan.timer.programs));
}

/** The order of findings, on a timer with these programs. */
function inOrder(programs: readonly string[]) {
  const placeOf = (program: string | null = null) => (program ? programs.indexOf(program) : -1);
  const keyOf = ({ program, station, startNumber, b }: Finding): number[] => [
    placeOf(program),
    station ?? 0,
    startNumber ?? 0,
    placeOf(b?.program),
    b?.startNumber ?? 0,
  ];
  const bySeverity = (x: Finding, y: Finding) =>
    SEVERITIES.indexOf(x.severity) - SEVERITIES.indexOf(y.severity);
  const byCode = (x: Finding, y: Finding) => (x.code < y.code ? -1 : x.code > y.code ? 1 : 0);
  return (x: Finding, y: Finding): number => {
    const [ofX, ofY] = [keyOf(x), keyOf(y)];
    const differing = ofX.findIndex((value, index) => value !== ofY[index]);
    const byPlace = differing < 0 ? 0 : ofX[differing]! - ofY[differing]!;
    return bySeverity(x, y) || byCode(x, y) || byPlace;
  };
}
