import { civilDateOf, dayNumberOf, daysInMonth, type DayNumber } from './day-number.js';

/** So many months later, or earlier, on the same day of the month; in a shorter month on its last. */
export function addMonths(day: DayNumber, months: number): DayNumber {
  const { year, month, day: dayOfMonth } = civilDateOf(day);
  const count = year * 12 + month - 1 + months;
  const to = { year: Math.floor(count / 12), month: (count % 12) + 1 };
  return dayNumberOf({ ...to, day: Math.min(dayOfMonth, daysInMonth(to.year, to.month)) });
}
