import { MINUTES_PER_DAY, parseTimeOfDay } from '../civil-time/index.js';
import type { DailyHours, DayRule } from '../settings/index.js';

/** A start cleared or added, as much as a start moved by so many minutes. */
export const CLEARED_START = 120;
const A_WEEKDAY = 90;
const ANOTHER_MODE = 180;
/** A percentage, before its points. */
const A_PERCENTAGE = 60;
/** Hours, or days of the month off, of which some are given up. */
export const MADE_SMALLER = 240;
export const OTHER = 30;

/** Of a day rule: by its weekdays, or as another rule. */
export function disturbanceOfDays(was: DayRule, is: DayRule): number {
  if (was.mode !== is.mode) return ANOTHER_MODE;
  if (was.mode !== 'weekdays' || is.mode !== 'weekdays') return A_WEEKDAY;
  const [gone, come] = [
    was.weekdays.filter((weekday) => !is.weekdays.includes(weekday)).length,
    is.weekdays.filter((weekday) => !was.weekdays.includes(weekday)).length,
  ];
  return A_WEEKDAY * Math.max(gone, come);
}

/** A point below what is in force, or below 100 % where more is in force, dries the ground: it counts two. */
export const disturbanceOfPercent = (was: number, is: number): number =>
  A_PERCENTAGE + Math.abs(is - was) + Math.max(0, Math.min(100, was) - is);

/** Of hours: more where they are fewer by it. */
export const disturbanceOfHours = (
  was: readonly DailyHours[],
  is: readonly DailyHours[],
): number => (minutesAWeek(is) < minutesAWeek(was) ? MADE_SMALLER : OTHER);

const minutesAWeek = (windows: readonly DailyHours[]): number =>
  windows.reduce((sum, { from, to, weekdays }) => {
    const minutes =
      (parseTimeOfDay(to)! - parseTimeOfDay(from)! + MINUTES_PER_DAY) % MINUTES_PER_DAY;
    return sum + (minutes || MINUTES_PER_DAY) * new Set(weekdays).size;
  }, 0);
