import type { DayNumber } from '../civil-time/index.js';
import type { Plan } from '../settings/index.js';
import type { TimerCapability } from '../timer-kinds/index.js';
import { check, type Finding } from './check.js';

/**
 * What a timer's settings would have wrong with them if it were of another kind, and have not now:
 * errors only. Programs that the other kind lacks are said by their labels, in `programsLost`.
 */
export interface KindBreaks {
  readonly findings: readonly Finding[];
  readonly programsLost: readonly string[];
}

export function kindBreaks(plan: Plan, kind: TimerCapability, from: DayNumber): KindBreaks {
  const keyOf = ({ code, program, station }: Finding) => `${code} ${program} ${station}`;
  const errors = (judged: Plan) =>
    check(judged, from).filter(({ severity }) => severity === 'error');
  const before = new Set(errors(plan).map(keyOf));
  const changed = withKind(plan, kind);
  return {
    findings: errors(changed).filter((finding) => !before.has(keyOf(finding))),
    programsLost: plan.programs
      .filter(
        ({ id, starts, runs }) => starts.length + runs.length > 0 && !kind.programs.includes(id),
      )
      .map(({ id }) => id),
  };
}

/** The settings on a timer of another kind; programs that it does not have go. */
export const withKind = (plan: Plan, kind: TimerCapability): Plan => ({
  ...plan,
  timer: kind,
  programs: plan.programs.filter(({ id }) => kind.programs.includes(id)),
});
