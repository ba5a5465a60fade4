import {
  dayOf,
  SECONDS_PER_DAY,
  type DayNumber,
  type TimerSeconds,
} from '@water-clock/core/civil-time';
import { clockChanges, clockIn, type ClockChange } from '@water-clock/core/time-zones';
import { clockTime, counted, lengthInWords, shortDate } from '@water-clock/core/words';

/** @example "12 h ahead", "right", "7 days and 1 h behind" */
export function clockErrorWords(offSeconds: number): string {
  if (offSeconds === 0) return 'right';
  const size = Math.abs(offSeconds);
  const days = Math.floor(size / SECONDS_PER_DAY);
  const rest = size % SECONDS_PER_DAY;
  const parts = [
    ...(days > 0 ? [counted(days, 'day')] : []),
    ...(rest > 0 ? [lengthInWords(rest)] : []),
  ];
  return `${parts.join(' and ')} ${offSeconds > 0 ? 'ahead' : 'behind'}`;
}

/** How far ahead changes of summer time are told. */
const AHEAD_DAYS = 370;

/** The changes of summer time in the year from a date on. */
export const changesAhead = (timeZone: string, from: DayNumber): ClockChange[] =>
  clockChanges(timeZone, from, (from + AHEAD_DAYS) as DayNumber);

/** @example "Sun 1 Nov, 02:00: clocks go back 1 h" */
export function changeWords({ at, offsetBeforeSeconds, offsetAfterSeconds }: ClockChange): string {
  const seconds = offsetAfterSeconds - offsetBeforeSeconds;
  const way = seconds > 0 ? 'forward' : 'back';
  return `${shortDate(dayOf(at))}, ${clockTime(at)}: clocks go ${way} ${lengthInWords(Math.abs(seconds))}`;
}

/** What a right clock shows now: in the zone, or in this device's where none is known. */
export const nowIn = (timeZone: string | undefined, now: Date): TimerSeconds =>
  clockIn(timeZone ?? Intl.DateTimeFormat().resolvedOptions().timeZone, now.getTime());
