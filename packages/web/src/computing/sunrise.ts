import {
  asMinuteOfDay,
  addDays,
  civilDateOf,
  formatTimeOfDay,
  type DayNumber,
} from '@water-clock/core/civil-time';
import type { Site } from '@water-clock/core/settings';
import { getTimes } from 'suncalc';

/** Sunrise on a date as a clock of the zone shows it, seconds since midnight; null in polar day or night. */
export function sunriseSecondOfDay(
  day: DayNumber,
  latitude: number,
  longitude: number,
  timeZone: string,
): number | null {
  const { year, month, day: dayOfMonth } = civilDateOf(day);
  const noonThere = new Date(Date.UTC(year, month - 1, dayOfMonth, 12) - longitude * 240_000);
  const { sunrise } = getTimes(noonThere, latitude, longitude);
  if (!sunrise) return null;
  const parts = clockOf(timeZone).formatToParts(sunrise);
  const part = (type: string) => Number(parts.find((found) => found.type === type)?.value ?? 0);
  return part('hour') * 3600 + part('minute') * 60;
}

const known = new Map<string, number | null>();

/** The same, remembered: it is asked for with every edit. */
export function knownSunrise(
  ...[day, latitude, longitude, timeZone]: Parameters<typeof sunriseSecondOfDay>
): number | null {
  const key = `${day} ${latitude} ${longitude} ${timeZone}`;
  let second = known.get(key);
  if (second === undefined) {
    second = sunriseSecondOfDay(day, latitude, longitude, timeZone);
    known.set(key, second);
  }
  return second;
}

const clocks = new Map<string, Intl.DateTimeFormat>();

function clockOf(timeZone: string): Intl.DateTimeFormat {
  let clock = clocks.get(timeZone);
  if (!clock) {
    clock = new Intl.DateTimeFormat('en-GB', { timeZone, hour: '2-digit', minute: '2-digit' });
    clocks.set(timeZone, clock);
  }
  return clock;
}

const FIVE_MINUTES = 300;

/**
 * The earliest sunrise of a year from a date on, as a time of day on five minutes before it; null
 * where the place is not known, or has none.
 */
export function earliestSunrise(from: DayNumber, site: Site | undefined): string | null {
  const { latitude, longitude, timeZone } = site ?? {};
  if (latitude === undefined || longitude === undefined || timeZone === undefined) return null;
  const seconds = Array.from({ length: 52 }, (_, week) =>
    knownSunrise(addDays(from, week * 7), latitude, longitude, timeZone),
  ).filter((second) => second !== null);
  if (seconds.length === 0) return null;
  const minutes = (Math.floor(Math.min(...seconds) / FIVE_MINUTES) * FIVE_MINUTES) / 60;
  return formatTimeOfDay(asMinuteOfDay(minutes));
}
