import { asDayNumber, parseDate, type DayNumber } from '../../civil-time/index.js';
import { exhaustive } from '../../kernel/index.js';
import type { DayRule, HoursRule, Plan, ProgramSettings } from '../../settings/index.js';
import type { HoursTurn } from '../hours-turns.js';
import { packedDayOfMonth, packedFacts, packedMonth, packedWeekday } from './calendar-cycle.js';

/**
 * On which days a program waters, split into what the calendar decides (it repeats every 400 years)
 * and what a count of days decides. In the masks, bit n stands for weekday or day of month n.
 */
export interface DayPattern {
  readonly weekdays: number;
  readonly daysOfMonth: number;
  readonly skipsFeb29: boolean;
  readonly interval: IntervalPattern | null;
  readonly blockedWeekdays: number;
  readonly blockedDaysOfMonth: number;
}

export interface IntervalPattern {
  readonly everyDays: number;
  readonly anchor: DayNumber;
  /** By how many days at most a watering is put off. */
  readonly mostDeferred: number;
}

const ALL_WEEKDAYS = 0b1111_1110;
const ALL_DAYS = ~1;
const ODD_DAYS = 0b10101010_10101010_10101010_10101010 | 0;
const EVERY_MONTH = 0b1_1111_1111_1110;
const LONGEST_DEFER_DAYS = 31;

/** A mask with the bits of all twelve months. */
export const ALL_MONTHS = EVERY_MONTH;

const maskOf = (numbers: readonly number[]): number =>
  numbers.reduce((mask, number) => mask | (1 << number), 0);

type OfTimer = Pick<Plan, 'timer' | 'controller'>;
type Blocking = Pick<ProgramSettings, 'blockedWeekdays'>;

/** The days of a program. */
export function dayPattern(
  plan: OfTimer,
  days: Exclude<DayRule, HoursRule>,
  blocking: Blocking,
): DayPattern {
  const { timer } = plan;
  const free = anyFreeDay(plan, blocking);
  switch (days.mode) {
    case 'weekdays':
      return { ...free, weekdays: free.weekdays & maskOf(days.weekdays) };
    case 'odd': {
      const odd = timer.skip31 ? ODD_DAYS & ~(1 << 31) : ODD_DAYS;
      return { ...free, daysOfMonth: free.daysOfMonth & odd, skipsFeb29: timer.skipFeb29 };
    }
    case 'even':
      return { ...free, daysOfMonth: free.daysOfMonth & ~ODD_DAYS };
    case 'interval': {
      const mostDeferred = timer.blockedDay === 'defer' ? longestBlocked(free) : 0;
      const anchor = parseDate(days.anchor)!;
      return { ...free, interval: { everyDays: days.everyDays, anchor, mostDeferred } };
    }
    default:
      return exhaustive(days);
  }
}

/** The days on which one start of an interval in hours comes; none of it is ever put off. */
export const turnPattern = (
  { everyDays, anchor }: HoursTurn,
  plan: OfTimer,
  blocking: Blocking,
): DayPattern => ({
  ...anyFreeDay(plan, blocking),
  interval: { everyDays, anchor, mostDeferred: 0 },
});

/** Every day that is not blocked. */
function anyFreeDay({ timer, controller }: OfTimer, { blockedWeekdays }: Blocking): DayPattern {
  const weekdays = maskOf(blockedWeekdays);
  const daysOfMonth = timer.monthDaysOff ? maskOf(controller.monthDaysOff) : 0;
  return {
    weekdays: ALL_WEEKDAYS & ~weekdays,
    daysOfMonth: ALL_DAYS & ~daysOfMonth,
    skipsFeb29: false,
    interval: null,
    blockedWeekdays: weekdays,
    blockedDaysOfMonth: daysOfMonth,
  };
}

type BlockedDays = Pick<DayPattern, 'blockedWeekdays' | 'blockedDaysOfMonth'>;

/** No longer row of blocked days than this, or the longest that still counts. */
function longestBlocked({ blockedWeekdays, blockedDaysOfMonth }: BlockedDays): number {
  if (blockedDaysOfMonth !== 0 || blockedWeekdays === ALL_WEEKDAYS) return LONGEST_DEFER_DAYS;
  let longest = 0;
  let row = 0;
  for (let day = 0; day < 14; day++) {
    row = hasWeekday(blockedWeekdays, day) ? row + 1 : 0;
    longest = Math.max(longest, row);
  }
  return longest;
}

/** True when a pattern's calendar looks at weekdays only, so that it repeats every 7 days. */
export const isWeekly = ({ daysOfMonth, skipsFeb29, blockedDaysOfMonth }: DayPattern): boolean =>
  daysOfMonth === ALL_DAYS && !skipsFeb29 && blockedDaysOfMonth === 0;

/** True when the calendar's part of the pattern lets the day be, in one of the months. */
export function calendarAllows(pattern: DayPattern, day: DayNumber, months: number): boolean {
  const facts = packedFacts(day);
  return (
    ((pattern.weekdays >> packedWeekday(facts)) & 1) === 1 &&
    dateAllowed(pattern, facts) &&
    ((months >> packedMonth(facts)) & 1) === 1
  );
}

/** The same without a look at the weekday. */
export function dateAllows(pattern: DayPattern, day: DayNumber, months: number): boolean {
  const facts = packedFacts(day);
  return dateAllowed(pattern, facts) && ((months >> packedMonth(facts)) & 1) === 1;
}

/**
 * False when no day of this weekday (0 is a Monday, 7 the next) has water put off by so many days,
 * whatever its date.
 */
export function weekdayAllows(pattern: DayPattern, weekday: number, deferred: number): boolean {
  if (!hasWeekday(pattern.weekdays, weekday)) return false;
  if (pattern.blockedDaysOfMonth !== 0) return true;
  for (let back = 1; back <= deferred; back++)
    if (!hasWeekday(pattern.blockedWeekdays, weekday - back)) return false;
  return true;
}

const hasWeekday = (mask: number, weekday: number): boolean =>
  ((mask >> ((((weekday % 7) + 7) % 7) + 1)) & 1) === 1;

const dateAllowed = ({ daysOfMonth, skipsFeb29 }: DayPattern, facts: number): boolean =>
  ((daysOfMonth >> packedDayOfMonth(facts)) & 1) === 1 &&
  !(skipsFeb29 && packedDayOfMonth(facts) === 29 && packedMonth(facts) === 2);

/** True when each of the `count` days before a day is blocked. */
export function blockedBefore(pattern: BlockedDays, day: DayNumber, count: number): boolean {
  for (let back = 1; back <= count; back++) {
    const facts = packedFacts(asDayNumber(day - back));
    const weekday = (pattern.blockedWeekdays >> packedWeekday(facts)) & 1;
    const dayOfMonth = (pattern.blockedDaysOfMonth >> packedDayOfMonth(facts)) & 1;
    if ((weekday | dayOfMonth) === 0) return false;
  }
  return true;
}
