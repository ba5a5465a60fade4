import type { DayNumber } from '../civil-time/index.js';
import type { Plan } from '../settings/index.js';
import { forever } from './forever/index.js';
import { runName, type RunName } from './simulation-report.js';

export interface ForeverReport {
  /** Null: there is none on any date, ever. */
  readonly firstCollision: {
    readonly a: RunName;
    readonly b: RunName;
    readonly seconds: number;
  } | null;
  readonly headroomPercent: number | null;
}

/** What `forever` prints: the first collision on any date from `from` on, and the headroom. */
export function foreverReport(plan: Plan, from: DayNumber): ForeverReport {
  const ever = forever(plan, from);
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
