import type { Brand } from '../kernel/index.js';
import { formatDate, parseDate, type DayNumber } from './day-number.js';

/**
 * A moment as the timer's own clock shows it: seconds since 1970-01-01T00:00:00 of that clock.
 * Local, without zone; every day has 86,400 seconds.
 */
export type TimerSeconds = Brand<number, 'TimerSeconds'>;

/** A time of day: whole minutes since midnight, 0 to 1439. */
export type MinuteOfDay = Brand<number, 'MinuteOfDay'>;

/** Seconds since 1970 on the timer's clock as a moment; whoever counted answers for it. */
export const asTimerSeconds = (seconds: number): TimerSeconds => seconds as TimerSeconds;

/** Whole minutes, 0 to 1439, as a time of day; whoever counted answers for it. */
export const asMinuteOfDay = (minutes: number): MinuteOfDay => minutes as MinuteOfDay;

export const SECONDS_PER_DAY = 86_400;
export const MINUTES_PER_DAY = 1440;

/** Reads a 24-hour `HH:MM`, 00:00 to 23:59; null for anything else. */
export function parseTimeOfDay(text: string): MinuteOfDay | null {
  const match = /^([01]\d|2[0-3]):([0-5]\d)$/.exec(text);
  return match ? ((Number(match[1]) * 60 + Number(match[2])) as MinuteOfDay) : null;
}

const two = (value: number): string => (value < 10 ? `0${value}` : String(value));

/** Writes a 24-hour `HH:MM`. */
export const formatTimeOfDay = (minute: MinuteOfDay): string =>
  `${two(Math.floor(minute / 60))}:${two(minute % 60)}`;

export const startOfDay = (dayNumber: DayNumber): TimerSeconds =>
  (dayNumber * SECONDS_PER_DAY) as TimerSeconds;

export const dayOf = (seconds: TimerSeconds): DayNumber =>
  Math.floor(seconds / SECONDS_PER_DAY) as DayNumber;

export const addSeconds = (moment: TimerSeconds, seconds: number): TimerSeconds =>
  (moment + seconds) as TimerSeconds;

/** Seconds since the midnight of the moment's own date, 0 to 86,399. */
export const secondOfDay = (seconds: TimerSeconds): number =>
  seconds - dayOf(seconds) * SECONDS_PER_DAY;

/** Reads `YYYY-MM-DDTHH:MM:SS`; null where it is not written so or is no moment. */
export function parseDateTime(text: string): TimerSeconds | null {
  const match = /^(\d{4}-\d{2}-\d{2})T([01]\d|2[0-3]):([0-5]\d):([0-5]\d)$/.exec(text);
  const day = match ? parseDate(match[1] ?? '') : null;
  if (!match || day === null) return null;
  const seconds = Number(match[2]) * 3600 + Number(match[3]) * 60 + Number(match[4]);
  return addSeconds(startOfDay(day), seconds);
}

/** Writes `YYYY-MM-DDTHH:MM:SS`; years beyond 9999 with all their digits. */
export function formatDateTime(moment: TimerSeconds): string {
  const rest = secondOfDay(moment);
  return `${formatDate(dayOf(moment))}T${two(Math.floor(rest / 3600))}:${two(Math.floor(rest / 60) % 60)}:${two(rest % 60)}`;
}
