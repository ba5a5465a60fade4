import { parseDate, parseDateTime } from '../civil-time/index.js';
import { exhaustive } from '../kernel/index.js';
import type { DailyHours, DayRule, Stretch } from '../settings/index.js';
import { momentInWords, shortDate, WEEKDAYS } from './dates.js';

/** @example weekdayNames([6, 2]) // ["Tue", "Sat"] */
export const weekdayNames = (weekdays: readonly number[]): string[] =>
  [...new Set(weekdays)].sort((a, b) => a - b).map((weekday) => WEEKDAYS[weekday - 1]!);

/** @example "10:00 to 18:00 on Tue Fri"; without weekdays on all of them */
export const hoursInWords = ({ from, to, weekdays }: DailyHours): string =>
  `${from} to ${to}${new Set(weekdays).size === 7 ? '' : ` on ${weekdayNames(weekdays).join(' ') || 'no day'}`}`;

/** @example "Wed 3 June 2026, 00:00 to Fri 5 June 2026, 00:00" */
export const stretchInWords = ({ from, to }: Stretch): string =>
  [from, to].map((text) => momentInWords(parseDateTime(text)!)).join(' to ');

const TWO_LETTERS = WEEKDAYS.map((name) => name.slice(0, 2));

/** Water days for a narrow cell: "Tu Fr Su", "every 3 d", "odd"; "none" where nothing is chosen. */
export function daysShort(rule: DayRule): string {
  switch (rule.mode) {
    case 'weekdays':
      if (rule.weekdays.length === 7) return 'daily';
      return (
        [...rule.weekdays]
          .sort((a, b) => a - b)
          .map((weekday) => TWO_LETTERS[weekday - 1])
          .join(' ') || 'none'
      );
    case 'odd':
    case 'even':
      return rule.mode;
    case 'interval':
      return rule.everyDays === 1 ? 'daily' : `every ${rule.everyDays} d`;
    case 'hours':
      return `every ${rule.everyHours} h`;
    default:
      return exhaustive(rule);
  }
}

/** Water days in full: "every 3 days, counted from Tue 2 Jun, not on Sat". */
export function daysLong(rule: DayRule, blocked: readonly number[]): string {
  const not = blocked.length > 0 ? `, not on ${weekdayNames(blocked).join(' ')}` : '';
  switch (rule.mode) {
    case 'weekdays':
      return rule.weekdays.length === 0
        ? 'no days chosen'
        : `on ${weekdayNames(rule.weekdays).join(' ')}${not}`;
    case 'odd':
      return `on odd days of the month${not}`;
    case 'even':
      return `on even days of the month${not}`;
    case 'interval': {
      const anchor = shortDate(parseDate(rule.anchor)!);
      return `every ${rule.everyDays === 1 ? 'day' : `${rule.everyDays} days`}, counted from ${anchor}${not}`;
    }
    case 'hours':
      return `every ${rule.everyHours === 1 ? 'hour' : `${rule.everyHours} hours`}, counted from ${momentInWords(parseDateTime(rule.anchor)!)}${not}`;
    default:
      return exhaustive(rule);
  }
}
