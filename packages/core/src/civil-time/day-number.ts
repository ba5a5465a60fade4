import type { Brand } from '../kernel/index.js';

/** A date of the timer's calendar: whole days since 1970-01-01, which is day 0. May be negative. */
export type DayNumber = Brand<number, 'DayNumber'>;

/** A count of days from day 0 as a date; whoever counted answers for it. */
export const asDayNumber = (days: number): DayNumber => days as DayNumber;

/** ISO weekday: Monday is 1, Sunday is 7. */
export type Weekday = 1 | 2 | 3 | 4 | 5 | 6 | 7;

export interface CivilDate {
  readonly year: number;
  /** 1 to 12. */
  readonly month: number;
  /** 1 to 31. */
  readonly day: number;
}

const DAYS_PER_ERA = 146_097;

/**
 * The day number of a date in the Gregorian calendar, extended both ways.
 * The arithmetic counts years from March, so that the leap day is the last of its year.
 * @example dayNumberOf({ year: 1970, month: 1, day: 2 }) // 1
 */
export function dayNumberOf({ year, month, day }: CivilDate): DayNumber {
  const shifted = month <= 2 ? year - 1 : year;
  const era = Math.floor(shifted / 400);
  const yearOfEra = shifted - era * 400;
  const dayOfYear = Math.floor((153 * (month + (month > 2 ? -3 : 9)) + 2) / 5) + day - 1;
  const dayOfEra =
    yearOfEra * 365 + Math.floor(yearOfEra / 4) - Math.floor(yearOfEra / 100) + dayOfYear;
  return (era * DAYS_PER_ERA + dayOfEra - 719_468) as DayNumber;
}

/** The date of a day number; the inverse of {@link dayNumberOf}. */
export function civilDateOf(dayNumber: DayNumber): CivilDate {
  const shifted = dayNumber + 719_468;
  const era = Math.floor(shifted / DAYS_PER_ERA);
  const dayOfEra = shifted - era * DAYS_PER_ERA;
  const yearOfEra = Math.floor(
    (dayOfEra -
      Math.floor(dayOfEra / 1460) +
      Math.floor(dayOfEra / 36_524) -
      Math.floor(dayOfEra / 146_096)) /
      365,
  );
  const dayOfYear =
    dayOfEra - (365 * yearOfEra + Math.floor(yearOfEra / 4) - Math.floor(yearOfEra / 100));
  const shiftedMonth = Math.floor((5 * dayOfYear + 2) / 153);
  const month = shiftedMonth < 10 ? shiftedMonth + 3 : shiftedMonth - 9;
  return {
    year: yearOfEra + era * 400 + (month <= 2 ? 1 : 0),
    month,
    day: dayOfYear - Math.floor((153 * shiftedMonth + 2) / 5) + 1,
  };
}

export function weekdayOf(dayNumber: DayNumber): Weekday {
  return (((((dayNumber + 3) % 7) + 7) % 7) + 1) as Weekday;
}

export const addDays = (dayNumber: DayNumber, days: number): DayNumber =>
  (dayNumber + days) as DayNumber;

/** True for a year with a 29 February. */
export const isLeapYear = (year: number): boolean =>
  year % 4 === 0 && (year % 100 !== 0 || year % 400 === 0);

const MONTH_DAYS = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];

/** How many days a month has; 0 where there is no such month. */
export const daysInMonth = (year: number, month: number): number =>
  month === 2 && isLeapYear(year) ? 29 : (MONTH_DAYS[month - 1] ?? 0);

/** Reads `YYYY-MM-DD`; null where it is not written so or is no date (2027-02-29). */
export function parseDate(text: string): DayNumber | null {
  const match = /^(\d{4})-(\d{2})-(\d{2})$/.exec(text);
  if (!match) return null;
  const [year, month, day] = [Number(match[1]), Number(match[2]), Number(match[3])];
  if (month < 1 || month > 12 || day < 1 || day > daysInMonth(year, month)) return null;
  return dayNumberOf({ year, month, day });
}

const two = (value: number): string => (value < 10 ? `0${value}` : String(value));

/** Writes `YYYY-MM-DD`; years beyond 9999 with all their digits. */
export function formatDate(dayNumber: DayNumber): string {
  const { year, month, day } = civilDateOf(dayNumber);
  return `${String(year).padStart(4, '0')}-${two(month)}-${two(day)}`;
}
