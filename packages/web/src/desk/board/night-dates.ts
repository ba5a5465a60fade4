import { addDays, civilDateOf, weekdayOf, type DayNumber } from '@water-clock/core/civil-time';
import { MONTHS_SHORT, WEEKDAYS } from '@water-clock/core/words';

/** A date within a month that is known. @example "Tue 9" */
export const dayInMonth = (day: DayNumber): string =>
  `${WEEKDAYS[weekdayOf(day) - 1]} ${civilDateOf(day).day}`;

/**
 * Both dates of a night; the month is named on its first date, and where nothing else has named it.
 * @example "Tue 30 → Wed 1 Jul"
 */
export function bothDates(day: DayNumber, namesMonth: boolean): string {
  const morning = addDays(day, 1);
  const { day: dayOfMonth, month } = civilDateOf(morning);
  const named = namesMonth || dayOfMonth === 1 ? ` ${MONTHS_SHORT[month - 1]}` : '';
  return `${dayInMonth(day)} → ${dayInMonth(morning)}${named}`;
}
