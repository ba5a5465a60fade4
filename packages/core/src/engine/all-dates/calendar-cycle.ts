import { asDayNumber, daysInMonth, weekdayOf, type DayNumber } from '../../civil-time/index.js';

/**
 * The Gregorian calendar, weekdays included, repeats every 400 years: 146,097 days, 20,871 weeks.
 * 146,097 = 3³ × 7 × 773.
 */
export const CYCLE_DAYS = 146_097;

const DAY_BITS = 5;
const MONTH_BITS = 4;

let packed: Uint16Array | null = null;

/** Weekday, month and day of month of every day of the cycle; made once, it is the same for all. */
function cycle(): Uint16Array {
  if (packed) return packed;
  packed = new Uint16Array(CYCLE_DAYS);
  let day = 0;
  for (let year = 1970; day < CYCLE_DAYS; year++)
    for (let month = 1; month <= 12; month++)
      for (let dayOfMonth = 1; dayOfMonth <= daysInMonth(year, month); dayOfMonth++, day++) {
        const weekday = weekdayOf(asDayNumber(day));
        packed[day] = (((weekday << MONTH_BITS) | month) << DAY_BITS) | dayOfMonth;
      }
  return packed;
}

/** The facts of a day, packed: read them with the functions below. */
export function packedFacts(day: DayNumber): number {
  return cycle()[((day % CYCLE_DAYS) + CYCLE_DAYS) % CYCLE_DAYS]!;
}

export const packedDayOfMonth = (facts: number): number => facts & 31;
export const packedMonth = (facts: number): number => (facts >> DAY_BITS) & 15;
export const packedWeekday = (facts: number): number => facts >> (DAY_BITS + MONTH_BITS);
