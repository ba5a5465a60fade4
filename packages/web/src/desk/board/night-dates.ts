import { addDays, civilDateOf, weekdayOf, type DayNumber } from '@water-clock/core/civil-time';
import { MONTHS_SHORT, WEEKDAYS } from '@water-clock/core/words';
import type { BoardNight } from '../../computing/board-model';
import type { Scale } from './board-scale';

/** Seconds since the noon of a night. */
export const MIDNIGHT = 43_200;

const DATE_PIXELS = 48;
/** A run's letter stands before it. */
const LETTER_PIXELS = 16;

/** A date within a month that is known. @example "Tue 9" */
export const dayInMonth = (day: DayNumber): string =>
  `${WEEKDAYS[weekdayOf(day) - 1]} ${civilDateOf(day).day}`;

/**
 * Both dates of a night; the month is named on its first date, and where nothing else has named it.
 * @example "Tue 30 → Wed 1 Jul"
 */
export function bothDates(day: DayNumber, namesMonth: boolean): string {
  const morning = addDays(day, 1);
  const { day: dayOfMonth, month } = civilDateOf(morning);
  const named = namesMonth || dayOfMonth === 1 ? ` ${MONTHS_SHORT[month - 1]}` : '';
  return `${dayInMonth(day)} → ${dayInMonth(morning)}${named}`;
}

/** Whether the second date can stand at midnight's line: no run is there, nor the words of a collision near it. */
export function hasRoomAtMidnight(
  { runs, collisions }: Pick<BoardNight, 'runs' | 'collisions'>,
  scale: Scale,
): boolean {
  const [left, right] = [scale(MIDNIGHT), scale(MIDNIGHT) + DATE_PIXELS];
  return (
    collisions.length === 0 &&
    runs
      .flatMap(({ asked, real }) => (real ? [asked, real] : [asked]))
      .every(({ from, to }) => scale(to) < left || scale(from) - LETTER_PIXELS > right)
  );
}

/** Where words of some length can stand that would begin at `x`: there, or behind the second date. */
export function besideDate(x: number, pixels: number, midnight: number): number {
  const isInTheWay = x + pixels > midnight && x < midnight + DATE_PIXELS;
  return isInTheWay ? midnight + DATE_PIXELS : x;
}
