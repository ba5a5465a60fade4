import {
  civilDateOf,
  secondOfDay,
  dayOf,
  weekdayOf,
  type DayNumber,
  type TimerSeconds,
} from '../civil-time/index.js';

export const WEEKDAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const;

export const MONTHS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
];

export const MONTHS_SHORT = MONTHS.map((month) => month.slice(0, 3));

/** @example "Tue 9 June" */
export function longDate(day: DayNumber): string {
  const { month, day: dayOfMonth } = civilDateOf(day);
  return `${WEEKDAYS[weekdayOf(day) - 1]} ${dayOfMonth} ${MONTHS[month - 1]}`;
}

/** @example "Tue 9 Jun" */
export function shortDate(day: DayNumber): string {
  const { month, day: dayOfMonth } = civilDateOf(day);
  return `${WEEKDAYS[weekdayOf(day) - 1]} ${dayOfMonth} ${MONTHS_SHORT[month - 1]}`;
}

const two = (value: number) => String(value).padStart(2, '0');

/** The time of day, seconds only where there are some: "04:30", "04:30:25". */
export function clockTime(moment: TimerSeconds): string {
  const rest = secondOfDay(moment);
  const minutes = `${two(Math.floor(rest / 3600))}:${two(Math.floor(rest / 60) % 60)}`;
  return rest % 60 === 0 ? minutes : `${minutes}:${two(rest % 60)}`;
}

/** @example "Tue 9 June, 04:30" */
export const dateAndTime = (moment: TimerSeconds): string =>
  `${longDate(dayOf(moment))}, ${clockTime(moment)}`;

const NEAR_DAYS = 300;

/** A date with its weekday; with its year where it is not within the year after `from`. */
export const nearDate = (day: DayNumber, from: DayNumber): string =>
  day >= from && day < from + NEAR_DAYS ? longDate(day) : civilDateInWords(day);

/** The same with the time of day. */
export const nearMoment = (moment: TimerSeconds, from: DayNumber): string =>
  `${nearDate(dayOf(moment), from)}, ${clockTime(moment)}`;

/** A date with its year: "Tue 2 June 2026". */
export const civilDateInWords = (day: DayNumber): string =>
  `${longDate(day)} ${civilDateOf(day).year}`;

/** A moment with its year: "Tue 2 June 2026, 04:30". */
export const momentInWords = (moment: TimerSeconds): string =>
  `${civilDateInWords(dayOf(moment))}, ${clockTime(moment)}`;
