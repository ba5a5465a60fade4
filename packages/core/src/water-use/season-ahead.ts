import { asDayNumber, civilDateOf, dayNumberOf, type DayNumber } from '../civil-time/index.js';
import type { Season } from './season-balance.js';

/** With fewer days left of it a season tells nothing: the next one is meant. */
const LEAST_DAYS = 30;

/**
 * What is left on a date of the half year in which most is watered; out of it, and at its very end, the next one
 * whole.
 * @param latitude degrees, north above 0
 */
export function seasonAhead(latitude: number, today: DayNumber): Season {
  const isNorth = latitude >= 0;
  const { year } = civilDateOf(today);
  const begin = (of: number) => dayNumberOf({ year: of, month: isNorth ? 4 : 10, day: 1 });
  const end = (of: number) =>
    isNorth
      ? dayNumberOf({ year: of, month: 9, day: 30 })
      : dayNumberOf({ year: of + 1, month: 3, day: 31 });
  const of = [year - 1, year, year + 1].find((one) => end(one) - today + 1 >= LEAST_DAYS)!;
  const from = asDayNumber(Math.max(today, begin(of)));
  return { from, days: end(of) - from + 1 };
}
