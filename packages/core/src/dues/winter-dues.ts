import {
  addDays,
  civilDateOf,
  formatDate,
  parseDate,
  type DayNumber,
} from '../civil-time/index.js';
import type { FirstDue } from './due.js';
import { doneOn, type DueFacts } from './due-facts.js';
import { latest } from './latest.js';

/** What was done so long before its day was done for it. */
const AHEAD_DAYS = 120;

/** The shutting down for the winter and the start for the season, where the firm does them and it freezes. */
export function winterDues(facts: DueFacts, today: DayNumber, until: DayNumber): FirstDue[] {
  if (!facts.hasFrost) return [];
  const { winterBy, springBy } = facts.spans;
  return [...ofKind('winter', winterBy), ...ofKind('spring', springBy)];

  function ofKind(kind: 'winter' | 'spring', by: string | undefined): FirstDue[] {
    if (by === undefined) return [];
    const last = latest([facts.seasonCare[kind], ...doneOn(facts.answers, kind)]);
    return daysBetween(by, addDays(today, -AHEAD_DAYS), until)
      .filter((day) => day > facts.addedOn)
      .filter((day) => last === null || last < addDays(day, -AHEAD_DAYS))
      .map((day) => ({
        ...{ kind, key: `${kind}:${formatDate(day)}`, on: formatDate(day) },
        last: last === null ? null : formatDate(last),
      }));
  }
}

/** Each of these days of a year from one date to another; one that a year does not have is the last of February. */
function daysBetween(monthDay: string, from: DayNumber, to: DayNumber): DayNumber[] {
  const years: number[] = [];
  for (let year = civilDateOf(from).year; year <= civilDateOf(to).year; year++) years.push(year);
  return years
    .map((year) => parseDate(`${year}-${monthDay}`) ?? parseDate(`${year}-02-28`)!)
    .filter((day) => day >= from && day <= to);
}
