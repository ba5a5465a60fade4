import {
  civilDateOf,
  dayOf,
  parseDate,
  secondOfDay,
  weekdayOf,
  type DayNumber,
  type TimerSeconds,
} from '../../civil-time/index.js';
import { inClock, type ClockStyle } from '../../words/index.js';
import { DATE_FORMATS, HALF_OF_DAY, MONTH_NAMES, SHORT_MONTH_NAMES, WEEKDAY_NAMES } from './en.js';

// Apart from the sentences: whoever opens a link to a sheet loads these, and no message format.

function inFormat(key: keyof typeof DATE_FORMATS, fields: Readonly<Record<string, string>>) {
  return DATE_FORMATS[key].replace(/\{(\w+)\}/g, (_, name: string) => fields[name] ?? '');
}

function fieldsOf(date: DayNumber) {
  const { year, month, day } = civilDateOf(date);
  return {
    weekday: WEEKDAY_NAMES[weekdayOf(date) - 1]!,
    day: String(day),
    month: MONTH_NAMES[month - 1]!,
    shortMonth: SHORT_MONTH_NAMES[month - 1]!,
    year: String(year),
  };
}

/** @example "Tue 9 June" */
export const dateWords = (date: DayNumber): string => inFormat('date', fieldsOf(date));

/** Of a date as a sheet has it. @example "Tue 9 June 2026" */
export const sheetDate = (date: string): string =>
  inFormat('dateOfYear', fieldsOf(parseDate(date)!));

/** Of a date as a sheet has it. @example "Tue 9 Jun" */
export const shortSheetDate = (date: string): string =>
  inFormat('shortDate', fieldsOf(parseDate(date)!));

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

export const momentWords = (moment: TimerSeconds): string =>
  `${dateWords(dayOf(moment))}, ${timeWords(moment)}`;

/** A sentence with its times of day in the clock of the household. */
export const inHouseholdClock = (text: string, clock: ClockStyle): string =>
  inClock(text, clock, HALF_OF_DAY);

/** A full hour, in the clock of the household. */
export const hourWords = (hour: number, clock: ClockStyle): string =>
  inHouseholdClock(minuteWords(60 * hour), clock);

/** A full hour as it stands above a picture of a day. @example "06", "6 AM", "noon" */
export function axisHour(hour: number, clock: ClockStyle): string {
  if (clock === '24') return inFormat('hour24', { hour: two(hour) });
  if (hour % 12 === 0) return inFormat(hour === 12 ? 'noon' : 'midnight', {});
  return inFormat(hour < 12 ? 'morning' : 'afternoon', { hour: String(hour % 12) });
}

interface Bar {
  readonly program: string;
  /** Minutes from midnight. */
  readonly from: number;
  readonly to: number;
}

/** A run of the week. @example "A 03:30 to 04:10" */
export const barWords = ({ program, from, to }: Bar, clock: ClockStyle): string =>
  inHouseholdClock(
    inFormat('bar', { program, from: minuteWords(from), to: minuteWords(to) }),
    clock,
  );
