import {
  addDays,
  civilDateOf,
  dayNumberOf,
  daysInMonth,
  weekdayOf,
  type DayNumber,
} from '@water-clock/core/civil-time';

export type Span = 'week' | 'month';

const A_WEEK = 7;

/** The days of the week that a day is in, from Monday on; or of all weeks that its month is in. */
export function daysOf(span: Span, day: DayNumber): DayNumber[] {
  const mondayOf = (one: DayNumber) => addDays(one, 1 - weekdayOf(one));
  if (span === 'week') return Array.from({ length: A_WEEK }, (_, i) => addDays(mondayOf(day), i));
  const { year, month } = civilDateOf(day);
  const first = mondayOf(dayNumberOf({ year, month, day: 1 }));
  const last = mondayOf(dayNumberOf({ year, month, day: daysInMonth(year, month) }));
  return Array.from({ length: last - first + A_WEEK }, (_, i) => addDays(first, i));
}
