import { addDays, parseDate, type DayNumber } from '../civil-time/index.js';
import type { IntervalRule } from './day-rule.js';

/** The first day of the count on or after a date; what blocks days of the week does not move it. */
export function nextCountedDay({ everyDays, anchor }: IntervalRule, from: DayNumber): DayNumber {
  const first = parseDate(anchor)!;
  if (first >= from) return first;
  const over = (from - first) % everyDays;
  return over === 0 ? from : addDays(from, everyDays - over);
}
