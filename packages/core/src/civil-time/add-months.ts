import { civilDateOf, dayNumberOf, daysInMonth, type DayNumber } from './day-number.js';

/** The same day of a later month, or the last of that month where it has none. */
export function addMonths(day: DayNumber, months: number): DayNumber {
  const { year, month, day: date } = civilDateOf(day);
  const count = month - 1 + months;
  const then = { year: year + Math.floor(count / 12), month: (count % 12) + 1 };
  return dayNumberOf({ ...then, day: Math.min(date, daysInMonth(then.year, then.month)) });
}
