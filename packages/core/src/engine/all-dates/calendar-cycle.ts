import { asDayNumber, civilDateOf, weekdayOf, type DayNumber } from '../../civil-time/index.js';

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
  packed ??= Uint16Array.from({ length: CYCLE_DAYS }, (_, day) => {
    const { month, day: dayOfMonth } = civilDateOf(asDayNumber(day));
    return (((weekdayOf(asDayNumber(day)) << MONTH_BITS) | month) << DAY_BITS) | dayOfMonth;
  });
  return packed;
}

/** The facts of a day, packed: read them with the functions below. */
export function packedFacts(day: DayNumber): number {
  return cycle()[((day % CYCLE_DAYS) + CYCLE_DAYS) % CYCLE_DAYS]!;
}

export const packedDayOfMonth = (facts: number): number => facts & 31;
export const packedMonth = (facts: number): number => (facts >> DAY_BITS) & 15;
export const packedWeekday = (facts: number): number => facts >> (DAY_BITS + MONTH_BITS);
