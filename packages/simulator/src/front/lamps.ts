import { programOf, type Plan } from '@water-clock/core/settings';

/** Programs that are set only in part, so that they never water: starts without run times, or run times without starts. */
export function programsAmiss(plan: Plan): string[] {
  return plan.timer.programs.filter((id) => {
    const { enabled, days, starts, runs } = programOf(plan, id);
    if (!enabled) return false;
    const hasStarts = days.mode === 'hours' || starts.length > 0;
    const hasRunTimes = runs.some(({ seconds }) => seconds > 0);
    return hasStarts !== hasRunTimes && (days.mode !== 'hours' || hasRunTimes);
  });
}
