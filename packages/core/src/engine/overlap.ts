import { asTimerSeconds, addSeconds, type TimerSeconds } from '../civil-time/index.js';
import { exhaustive } from '../kernel/index.js';
import type { Plan } from '../settings/index.js';
import type { NominalRun } from './nominal-runs.js';

/** A run that the timer really begins. */
export interface BegunRun extends NominalRun {
  readonly begin: TimerSeconds;
  /** When it is over: its last piece has ended, or it was cut off. */
  readonly end: TimerSeconds;
}

/**
 * What the timer makes of runs that come while another is going (engine contract, section 6).
 * `runs` are in the order of {@link nominalRuns}; the timer is idle before the first.
 */
export function begunRuns(
  runs: readonly NominalRun[],
  { timer, controller }: Pick<Plan, 'timer' | 'controller'>,
): BegunRun[] {
  switch (timer.overlap) {
    case 'queue':
      return queued(runs, controller.stationDelaySeconds);
    case 'drop':
      return dropped(runs);
    case 'preempt':
      return preempted(runs);
    case 'concurrent':
      return runs.map((run) => beginAt(run, run.nominal));
    default:
      return exhaustive(timer.overlap);
  }
}

const beginAt = (run: NominalRun, begin: TimerSeconds): BegunRun => ({
  program: run.program,
  startNumber: run.startNumber,
  nominal: run.nominal,
  shape: run.shape,
  begin,
  end: addSeconds(begin, run.shape.lengthSeconds),
});

function queued(runs: readonly NominalRun[], delaySeconds: number): BegunRun[] {
  let freeAt = -Infinity;
  return runs.map((run) => {
    const begun = beginAt(run, asTimerSeconds(Math.max(run.nominal, freeAt)));
    freeAt = begun.end + delaySeconds;
    return begun;
  });
}

function dropped(runs: readonly NominalRun[]): BegunRun[] {
  let going = -Infinity;
  return runs.flatMap((run) => {
    if (run.nominal < going) return [];
    const begun = beginAt(run, run.nominal);
    going = begun.end;
    return begun;
  });
}

function preempted(runs: readonly NominalRun[]): BegunRun[] {
  return runs.map((run, index) => {
    const begun = beginAt(run, run.nominal);
    const next = runs[index + 1]?.nominal ?? Infinity;
    return next < begun.end ? { ...begun, end: asTimerSeconds(next) } : begun;
  });
}
