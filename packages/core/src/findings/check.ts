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
  const order = new Map<string | null, number>(
    plan.timer.programs.map((program, index) => [program, index]),
  );
  const place = (program: string | null | undefined) => order.get(program ?? null) ?? -1;
  return findings.sort(
    (x, y) =>
      SEVERITIES.indexOf(x.severity) - SEVERITIES.indexOf(y.severity) ||
      (x.code < y.code ? -1 : x.code > y.code ? 1 : 0) ||
      place(x.program) - place(y.program) ||
      (x.station ?? 0) - (y.station ?? 0) ||
      (x.startNumber ?? 0) - (y.startNumber ?? 0) ||
      place(x.b?.program) - place(y.b?.program) ||
      (x.b?.startNumber ?? 0) - (y.b?.startNumber ?? 0),
  );
}
