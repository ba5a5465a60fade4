import { IntervalNeed, WeeklyNeed, type Brief } from './brief.js';
import type { DayChoice } from './day-choices.js';
import { NEED_DAYS } from './night.js';
import type { Job, Situation } from './situation.js';

/** Seven dates in a row may hold no more waterings than this, but for seed and vegetables. */
const MOST_OF_SEVEN = 5;

/** Whether the dates of a choice suit a station, whatever the hours. */
export function suits({ calendar }: Situation, job: Job, choice: DayChoice): boolean {
  const { need } = job.station;
  if (!job.mayBeDaily && choice.mostOfSeven > MOST_OF_SEVEN) return false;
  if (need instanceof IntervalNeed) return holdsInterval(calendar, need, choice);
  const [least, most] = need.daysPerWeek;
  return choice.least >= least && choice.most <= most;
}

/**
 * Every watering on one remainder; a date of it may be left out only where it is kept free for a
 * rule or for mowing, and at least half must remain.
 */
function holdsInterval(
  calendar: Situation['calendar'],
  { everyDays }: IntervalNeed,
  { waters, blockedWeekdays }: DayChoice,
): boolean {
  const first = waters.indexOf(true);
  if (first < 0) return false;
  const remainder = first % everyDays;
  let [all, kept] = [0, 0];
  for (let index = 0; index < waters.length; index++) {
    const isDue = index % everyDays === remainder;
    if (waters[index] && !isDue) return false;
    if (!isDue || index >= NEED_DAYS) continue;
    all += 1;
    if (waters[index]) kept += 1;
    else if (!blockedWeekdays.includes(calendar[index]!.weekday)) return false;
  }
  return kept * 2 >= all;
}

/** What a station's run must last, seconds, for so many runs a date; null where the timer cannot. */
export function runSeconds(
  brief: Brief,
  { station: { need } }: Job,
  starts: number,
  dates: number,
): { readonly least: number; readonly most: number } | null {
  const { minSeconds, maxSeconds, stepSeconds } = brief.timer.runTime;
  const step = Math.max(stepSeconds, brief.timer.season?.roundToSeconds ?? 0);
  const isExact = (value: number) => Math.abs(value - Math.round(value)) < 1e-9;
  const ceil = (value: number) => (isExact(value) ? Math.round(value) : Math.ceil(value));
  const floor = (value: number) => (isExact(value) ? Math.round(value) : Math.floor(value));
  const range = (least: number, most: number, isBelow: boolean) => {
    const from = Math.max(1, ceil(Math.max(least, minSeconds) / stepSeconds)) * stepSeconds;
    const steps = isBelow ? ceil(most / stepSeconds) - 1 : floor(most / stepSeconds);
    const to = Math.min(steps * stepSeconds, floor(maxSeconds / stepSeconds) * stepSeconds);
    return from <= to ? { least: from, most: to } : null;
  };
  if (need instanceof WeeklyNeed) {
    const runs = starts * dates;
    if (runs === 0) return null;
    const wanted = (8 * need.weeklySeconds) / runs;
    return range(wanted, Math.max(1.1 * wanted, wanted + step), false);
  }
  const wanted = need instanceof IntervalNeed ? need.seconds / starts : need.seconds;
  return range(wanted, wanted + step, true);
}
