import type { DayNumber } from '../civil-time/index.js';
import type { Plan } from '../settings/index.js';
import { allDates } from './all-dates/index.js';
import { runName, type RunName } from './simulation-report.js';

export interface AllDatesReport {
  /** Null: there is none on any date, ever. */
  readonly firstCollision: {
    readonly a: RunName;
    readonly b: RunName;
    readonly seconds: number;
  } | null;
  readonly headroomPercent: number | null;
}

/** What `forever` prints: the first collision on any date from `from` on, and the headroom. */
export function allDatesReport(plan: Plan, from: DayNumber): AllDatesReport {
  const ever = allDates(plan, from);
  const [first] = ever.collisions;
  return {
    firstCollision: first
      ? {
          a: runName(first.a),
          b: runName(first.b),
          seconds: first.seconds,
        }
      : null,
    headroomPercent: ever.headroomPercent,
  };
}
