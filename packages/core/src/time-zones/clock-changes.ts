import { Temporal } from 'temporal-polyfill';
import {
  addDays,
  asDayNumber,
  addSeconds,
  civilDateOf,
  dayNumberOf,
  dayOf,
  startOfDay,
  type DayNumber,
  type TimerSeconds,
} from '../civil-time/index.js';

/** A moment at which the clocks of a zone are put forward or back. */
export interface ClockChange {
  /** What a clock shows when it is put: local time by the offset before. */
  readonly at: TimerSeconds;
  /** Ahead of UTC. */
  readonly offsetBeforeSeconds: number;
  readonly offsetAfterSeconds: number;
}

const toSeconds = (nanoseconds: number): number => nanoseconds / 1e9;

function midnight(timeZone: string, day: DayNumber): Temporal.ZonedDateTime {
  const date = Temporal.Instant.fromEpochMilliseconds(day * 86_400_000)
    .toZonedDateTimeISO('UTC')
    .toPlainDate();
  return date.toZonedDateTime(timeZone);
}

/** How far a zone's clocks are ahead of UTC at the begin of a date. */
export const offsetOn = (timeZone: string, day: DayNumber): number =>
  toSeconds(midnight(timeZone, day).offsetNanoseconds);

/** When the clocks of an IANA zone are put, on dates from `from` up to, not including, `to`. */
export function clockChanges(timeZone: string, from: DayNumber, to: DayNumber): ClockChange[] {
  if (to <= from) return [];
  const [first, last] = [civilDateOf(from).year, civilDateOf(addDays(to, -1)).year];
  return Array.from({ length: last - first + 1 }, (_, index) =>
    changesOfYear(timeZone, first + index),
  )
    .flat()
    .filter(({ at }) => dayOf(at) >= from && dayOf(at) < to);
}

/** Whole lists of homes ask for the same few zones and years, and looking them up is slow. */
const KNOWN = new Map<string, readonly ClockChange[]>();
const MOST_KNOWN = 2000;

function changesOfYear(timeZone: string, year: number): readonly ClockChange[] {
  const key = `${timeZone} ${year}`;
  const known = KNOWN.get(key);
  if (known) return known;
  const dayOne = (of: number) => dayNumberOf({ year: of, month: 1, day: 1 });
  const changes = changesBetween(timeZone, dayOne(year), dayOne(year + 1));
  if (KNOWN.size >= MOST_KNOWN) KNOWN.clear();
  KNOWN.set(key, changes);
  return changes;
}

function changesBetween(timeZone: string, from: DayNumber, to: DayNumber): ClockChange[] {
  const changes: ClockChange[] = [];
  const end = midnight(timeZone, to).epochMilliseconds;
  // A moment before, so that a change at the very midnight counts.
  let at = midnight(timeZone, from).subtract({ nanoseconds: 1 }).getTimeZoneTransition('next');
  while (at && at.epochMilliseconds < end) {
    const before = at.subtract({ nanoseconds: 1 });
    const offsetBeforeSeconds = toSeconds(before.offsetNanoseconds);
    changes.push({
      at: addSeconds(
        startOfDay(asDayNumber(0)),
        Math.round(at.epochMilliseconds / 1000) + offsetBeforeSeconds,
      ),
      offsetBeforeSeconds,
      offsetAfterSeconds: toSeconds(at.offsetNanoseconds),
    });
    at = at.getTimeZoneTransition('next');
  }
  return changes;
}
