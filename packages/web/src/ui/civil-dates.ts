import {
  addDays,
  addMonths,
  civilDateOf,
  dayNumberOf,
  daysInMonth,
  parseDate,
  weekdayOf,
  type DayNumber,
} from '@water-clock/core/civil-time';
import { MONTHS_SHORT, WEEKDAYS } from '@water-clock/core/words';
import type generateCalendar from 'antd/es/calendar/generateCalendar';
import { dateInField } from '../format/typed-dates';
import { todayHere } from '../format/today';

type DateArithmetic = Parameters<typeof generateCalendar<DayNumber>>[0];

const yearOf = (day: DayNumber): number => civilDateOf(day).year;
const weekStart = (day: DayNumber): DayNumber => addDays(day, 1 - weekdayOf(day));
const midnight = (): number => 0;
const asItIs = (day: DayNumber): DayNumber => day;

/** What the component library's calendar asks of dates, answered with dates of the timer's calendar. */
export const CIVIL_DATES: DateArithmetic = {
  getNow: () => parseDate(todayHere())!,
  getFixedDate: (text) => parseDate(text)!,
  getEndDate: (day) => {
    const { year, month } = civilDateOf(day);
    return dayNumberOf({ year, month, day: daysInMonth(year, month) });
  },
  getWeekDay: (day) => weekdayOf(day) % 7,
  getYear: yearOf,
  getMonth: (day) => civilDateOf(day).month - 1,
  getDate: (day) => civilDateOf(day).day,
  getHour: midnight,
  getMinute: midnight,
  getSecond: midnight,
  getMillisecond: midnight,
  addYear: (day, years) => addMonths(day, 12 * years),
  addMonth: addMonths,
  addDate: addDays,
  setYear: (day, year) => addMonths(day, 12 * (year - yearOf(day))),
  setMonth: (day, month) => addMonths(day, month + 1 - civilDateOf(day).month),
  setDate: (day, dayOfMonth) => addDays(day, dayOfMonth - civilDateOf(day).day),
  setHour: asItIs,
  setMinute: asItIs,
  setSecond: asItIs,
  setMillisecond: asItIs,
  isAfter: (one, other) => one > other,
  isValidate: Number.isInteger,
  locale: {
    getWeekFirstDay: () => 1,
    getWeekFirstDate: (_, day) => weekStart(day),
    // The week is the one that holds its year's 4 January, counted from there.
    getWeek: (_, day) => {
      const thursday = addDays(weekStart(day), 3);
      const first = dayNumberOf({ year: yearOf(thursday), month: 1, day: 4 });
      return (weekStart(day) - weekStart(first)) / 7 + 1;
    },
    format: (_, day) => dateInField(day),
    parse: (_, text) => parseDate(text),
    getShortWeekDays: () => ['Sun', ...WEEKDAYS.slice(0, 6)],
    getShortMonths: () => MONTHS_SHORT,
  },
};
