import { MOST_DAYS_A_WEEK } from '../findings/index.js';
import { setProgram, type DayRule, type Plan, type ProgramSettings } from '../settings/index.js';
import { daysLong } from '../words/index.js';
import type { Fix } from './fix.js';

const FEWER_DAYS = 3;

/** Fewer days, and as much water in a week: for each program that waters the station on nearly every day. */
export const lessOften = (plan: Plan, station: number): Fix[] =>
  plan.programs
    .filter(
      ({ enabled, runs }) =>
        enabled && runs.some((run) => run.station === station && run.seconds > 0),
    )
    .flatMap((program) => rarer(plan, program));

function rarer(plan: Plan, { id, days, blockedWeekdays, runs }: ProgramSettings): Fix[] {
  const fewer = fewerDays(days, blockedWeekdays);
  if (!fewer) return [];
  const { stepSeconds, maxSeconds } = plan.timer.runTime;
  const longer = runs.map(({ station, seconds }) => ({
    station,
    seconds: Math.round((seconds * fewer.times) / stepSeconds) * stepSeconds,
  }));
  if (longer.some(({ seconds }) => seconds > maxSeconds)) return [];
  const label = `Water program ${id} ${daysLong(fewer.days, [])}, and each station so much longer that a week's water stays`;
  return [{ label, plan: setProgram(id, { days: fewer.days, runs: longer })(plan) }];
}

/** Every second or third of the days that are watered, and by how much longer each then is; null for no such days. */
function fewerDays(
  days: DayRule,
  blocked: readonly number[],
): { readonly days: DayRule; readonly times: number } | null {
  if (days.mode === 'interval' && days.everyDays === 1 && blocked.length === 0)
    return { days: { ...days, everyDays: 2 }, times: 2 };
  if (days.mode !== 'weekdays') return null;
  const watered = [...new Set(days.weekdays)]
    .filter((weekday) => !blocked.includes(weekday))
    .sort((a, b) => a - b);
  if (watered.length <= MOST_DAYS_A_WEEK) return null;
  const weekdays = Array.from(
    { length: FEWER_DAYS },
    (_, index) => watered[Math.floor((index * watered.length) / FEWER_DAYS)]!,
  );
  return { days: { ...days, weekdays }, times: watered.length / FEWER_DAYS };
}
