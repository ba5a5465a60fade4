import {
  addSeconds,
  dayOf,
  parseDateTime,
  secondOfDay,
  type DayNumber,
} from '../civil-time/index.js';
import { greatestCommonDivisor } from '../kernel/index.js';
import type { HoursRule } from '../settings/index.js';

const HOURS_A_DAY = 24;
const SECONDS_AN_HOUR = 3600;

/** A start at one time of day, every so many days from a first date on. */
export interface HoursTurn {
  readonly secondOfDay: number;
  readonly everyDays: number;
  /** Its first date. */
  readonly anchor: DayNumber;
}

/**
 * An interval in hours as the daily intervals that it consists of: with g = gcd(hours, 24), its starts come back
 * to the same time of day after 24 ÷ g of them, and that is hours ÷ g days later.
 * @example every 8 hours: three times of day, every day; every 25: each hour of the day, every 25 days
 */
export function hoursTurns({ everyHours, anchor }: HoursRule): HoursTurn[] {
  const common = greatestCommonDivisor(everyHours, HOURS_A_DAY);
  const begin = parseDateTime(anchor)!;
  return Array.from({ length: HOURS_A_DAY / common }, (_, count) => {
    const first = addSeconds(begin, count * everyHours * SECONDS_AN_HOUR);
    return {
      secondOfDay: secondOfDay(first),
      everyDays: everyHours / common,
      anchor: dayOf(first),
    };
  });
}
