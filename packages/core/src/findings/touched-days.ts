import {
  asTimerSeconds,
  addDays,
  addSeconds,
  dayOf,
  startOfDay,
  weekdayOf,
  type DayNumber,
  type TimerSeconds,
} from '../civil-time/index.js';
import type { Span } from '../engine/index.js';

/** The first date that a span touches and that is so; one that ends at midnight does not touch the next. */
export function firstTouchedDay(
  { from, to }: Span,
  isSo: (day: DayNumber) => boolean,
): DayNumber | null {
  const last = dayOf(addSeconds(to, -1));
  for (let day = dayOf(from); day <= last; day = addDays(day, 1)) if (isSo(day)) return day;
  return null;
}

/** When a span first touches a date that it touches. */
export const touches = ({ from }: Span, day: DayNumber): TimerSeconds =>
  asTimerSeconds(Math.max(from, startOfDay(day)));

/** The same answer for the same date, worked out once. */
export function onceADay(isSo: (day: DayNumber) => boolean): (day: DayNumber) => boolean {
  const known = new Map<DayNumber, boolean>();
  return (day) => {
    let answer = known.get(day);
    if (answer === undefined) known.set(day, (answer = isSo(day)));
    return answer;
  };
}

export const isOnWeekdays = (day: DayNumber, weekdays: readonly number[]): boolean =>
  weekdays.includes(weekdayOf(day));
