import {
  addDays,
  asDayNumber,
  civilDateOf,
  dayNumberOf,
  type DayNumber,
} from '../civil-time/index.js';
import type { SettingsDates } from '../settings/index.js';

/** A plan is for four weeks at least, whatever is left of its month. */
const LEAST_DAYS = 28;
const YEAR_MONTHS = 12;

/**
 * The dates that a plan is for: its months, 1 to 12, when they come next, from `since` on where they have begun.
 * Without months it is for the dates that come.
 */
export function planDates(since: DayNumber, months: readonly number[]): SettingsDates {
  const { year, month } = civilDateOf(since);
  // Months of the calendar in one count, so that the turn of the year is none.
  const now = year * YEAR_MONTHS + month - 1;
  const firstOf = (count: number) =>
    dayNumberOf({
      year: Math.floor(count / YEAR_MONTHS),
      month: (count % YEAR_MONTHS) + 1,
      day: 1,
    });
  const isMeant = (count: number) => months.includes((count % YEAR_MONTHS) + 1);
  const coming = Array.from({ length: YEAR_MONTHS }, (_, offset) => now + offset);
  const begins = (count: number) => isMeant(count) && !isMeant(count - 1);
  const first = isMeant(now) ? now : (coming.find(begins) ?? now);
  let last = first;
  while (last < first + YEAR_MONTHS - 1 && isMeant(last + 1)) last += 1;
  const from = first === now ? since : firstOf(first);
  const until = isMeant(first) ? addDays(firstOf(last + 1), -1) : from;
  return { from, until: asDayNumber(Math.max(until, addDays(from, LEAST_DAYS - 1))) };
}
