import type { DayNumber } from '../civil-time/index.js';
import type { Plan } from '../settings/index.js';
import type { TimerCapability } from '../timer-types/index.js';
import { check, type Finding } from './check.js';

/**
 * What a timer's settings would have wrong with them if it were of another timer type, and have not now:
 * errors only. Programs that the other timer type lacks are said by their labels, in `programsLost`.
 */
export interface TimerTypeBreaks {
  readonly findings: readonly Finding[];
  readonly programsLost: readonly string[];
}

export function timerTypeBreaks(
  plan: Plan,
  timerType: TimerCapability,
  from: DayNumber,
): TimerTypeBreaks {
  const keyOf = ({ code, program, station }: Finding) => `${code} ${program} ${station}`;
  const errors = (judged: Plan) =>
    check(judged, from).filter(({ severity }) => severity === 'error');
  const before = new Set(errors(plan).map(keyOf));
  const changed = withTimerType(plan, timerType);
  return {
    findings: errors(changed).filter((finding) => !before.has(keyOf(finding))),
    programsLost: plan.programs
      .filter(
        ({ id, starts, runs }) =>
          starts.length + runs.length > 0 && !timerType.programs.includes(id),
      )
      .map(({ id }) => id),
  };
}

/** The settings on a timer of another timer type; programs that it does not have go. */
export const withTimerType = (plan: Plan, timerType: TimerCapability): Plan => ({
  ...plan,
  timer: timerType,
  programs: plan.programs.filter(({ id }) => timerType.programs.includes(id)),
});
