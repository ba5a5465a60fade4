import {
  civilDateOf,
  dayOf,
  parseDate,
  secondOfDay,
  weekdayOf,
  type DayNumber,
  type TimerSeconds,
} from '../civil-time/index.js';
import { inClock, type ClockStyle } from '../words/index.js';
import type { Language } from './language.js';

// Apart from the sentences: whoever opens a link to a sheet loads these, and no message format.

function inFormat(
  { dateFormats }: Language,
  key: keyof Language['dateFormats'],
  fields: Readonly<Record<string, string>>,
) {
  return dateFormats[key].replace(/\{(\w+)\}/g, (_, name: string) => fields[name] ?? '');
}

function fieldsOf(language: Language, date: DayNumber) {
  const { year, month, day } = civilDateOf(date);
  return {
    weekday: language.weekdayNames[weekdayOf(date) - 1]!,
    day: String(day),
    month: language.monthNames[month - 1]!,
    shortMonth: language.shortMonthNames[month - 1]!,
    year: String(year),
  };
}

/** @example "Tue 9 June" */
export const dateWords = (language: Language, date: DayNumber): string =>
  inFormat(language, 'date', fieldsOf(language, date));

/** Of a date as a sheet has it. @example "Tue 9 June 2026" */
export const sheetDate = (language: Language, date: string): string =>
  inFormat(language, 'dateOfYear', fieldsOf(language, parseDate(date)!));

/** Of a date as a sheet has it. @example "Tue 9 Jun" */
export const shortSheetDate = (language: Language, date: string): string =>
  inFormat(language, 'shortDate', fieldsOf(language, parseDate(date)!));

const DAY_MINUTES = 1440;

const two = (value: number) => String(value).padStart(2, '0');

/** A minute of the day, or one past its end. @example "03:30" */
function minuteWords(minute: number): string {
  const ofDay = minute % DAY_MINUTES;
  return `${two(Math.floor(ofDay / 60))}:${two(ofDay % 60)}`;
}

/** To the minute. @example "03:30" */
export const timeWords = (moment: TimerSeconds): string =>
  minuteWords(Math.round(secondOfDay(moment) / 60));

export const momentWords = (language: Language, moment: TimerSeconds): string =>
  `${dateWords(language, dayOf(moment))}, ${timeWords(moment)}`;

/** A sentence with its times of day in the clock of the household. */
export const inHouseholdClock = (language: Language, text: string, clock: ClockStyle): string =>
  inClock(text, clock, language.halfOfDay);

/** A full hour, in the clock of the household. */
export const hourWords = (language: Language, hour: number, clock: ClockStyle): string =>
  inHouseholdClock(language, minuteWords(60 * hour), clock);

/** A full hour as it stands above a picture of a day. @example "06", "6 AM", "noon" */
export function axisHour(language: Language, hour: number, clock: ClockStyle): string {
  if (clock === '24') return inFormat(language, 'hour24', { hour: two(hour) });
  if (hour % 12 === 0) return inFormat(language, hour === 12 ? 'noon' : 'midnight', {});
  return inFormat(language, hour < 12 ? 'morning' : 'afternoon', { hour: String(hour % 12) });
}

interface Bar {
  readonly program: string;
  /** Minutes from midnight. */
  readonly from: number;
  readonly to: number;
}

/** A run of the week. @example "A 03:30 to 04:10" */
export const barWords = (
  language: Language,
  { program, from, to }: Bar,
  clock: ClockStyle,
): string =>
  inHouseholdClock(
    language,
    inFormat(language, 'bar', { program, from: minuteWords(from), to: minuteWords(to) }),
    clock,
  );
