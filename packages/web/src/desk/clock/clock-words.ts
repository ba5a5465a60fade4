import { asDayNumber, dayOf, type DayNumber } from '@water-clock/core/civil-time';
import { clockChanges, type ClockChange } from '@water-clock/core/time-zones';
import { clockTime, lengthInWords, shortDate } from '@water-clock/core/words';

/** How far ahead changes of summer time are told. */
const AHEAD_DAYS = 370;

/** The changes of summer time in the year from a date on. */
export const changesAhead = (timeZone: string, from: DayNumber): ClockChange[] =>
  clockChanges(timeZone, from, asDayNumber(from + AHEAD_DAYS));

/** @example "Sun 1 Nov, 02:00: clocks go back 1 h" */
export function changeWords({ at, offsetBeforeSeconds, offsetAfterSeconds }: ClockChange): string {
  const seconds = offsetAfterSeconds - offsetBeforeSeconds;
  const way = seconds > 0 ? 'forward' : 'back';
  return `${shortDate(dayOf(at))}, ${clockTime(at)}: clocks go ${way} ${lengthInWords(Math.abs(seconds))}`;
}
