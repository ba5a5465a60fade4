import {
  addDays,
  dayNumberOf,
  formatDate,
  parseDate,
  type DayNumber,
} from '../civil-time/index.js';
import type { RulesPeriod } from '../settings/index.js';
import type { RuleSet } from './rule-set.js';
import { rulesOn, type House, type RulesInForce } from './rules-on.js';

type Rules = RulesInForce['rules'];

/** Dates one after the other, on which the same is asked. */
interface Stretch {
  readonly first: DayNumber;
  last: DayNumber;
  readonly rules: Rules;
  /** The same for the same rules. */
  readonly key: string;
}

/** How many years after the first are written out. */
const YEARS_AHEAD = 2;

/**
 * The days of some years on which other rules may hold than the day before, and some more, in order: between two of
 * them nothing changes.
 */
function daysOfChange({ periods }: RuleSet, years: readonly number[]): DayNumber[] {
  const yearly = periods.flatMap(({ season }) => (season ? [season.from, season.to] : []));
  const days = [
    ...years.map((year) => dayNumberOf({ year, month: 1, day: 1 })),
    ...periods.map(({ from }) => parseDate(from)!),
    ...years.flatMap((year) =>
      yearly.flatMap((monthDay) => {
        const month = Number(monthDay.slice(0, 'MM'.length));
        const date = dayNumberOf({ year, month, day: Number(monthDay.slice('MM-'.length)) });
        // The last day of February is another one in some years.
        return [date, addDays(date, 1), addDays(date, -1)];
      }),
    ),
  ];
  return [...new Set(days)].sort((a, b) => a - b);
}

const NO_RULES: Rules = { noWater: [], exempt: [] };

/**
 * The rules of one house, those that return every year too, by date: what holds on most of the dates from the
 * first of January of `year` on, and periods for the others. Whole years: what is written changes once a year.
 */
export function writtenOut(
  set: RuleSet,
  house: House,
  year: number,
): { readonly outer: Rules; readonly periods: readonly RulesPeriod[] } {
  const stretches: Stretch[] = [];
  const years = Array.from({ length: YEARS_AHEAD + 1 }, (_, index) => year + index);
  const end = dayNumberOf({ year: year + YEARS_AHEAD + 1, month: 1, day: 1 });
  const days = daysOfChange(set, years).filter(
    (day) => day >= dayNumberOf({ year, month: 1, day: 1 }) && day < end,
  );
  for (const [index, day] of days.entries()) {
    const last = addDays(days[index + 1] ?? end, -1);
    const rules = rulesOn(set, house, day)?.rules ?? NO_RULES;
    const key = JSON.stringify(rules);
    const running = stretches.at(-1);
    if (running?.key === key) running.last = last;
    else stretches.push({ first: day, last, rules, key });
  }
  const lengths = new Map<string, number>();
  for (const { key, first, last } of stretches)
    lengths.set(key, (lengths.get(key) ?? 0) + last - first + 1);
  const most = Math.max(...lengths.values());
  const usual = stretches.find(({ key }) => lengths.get(key) === most)!;
  return {
    outer: usual.rules,
    periods: stretches
      .filter(({ key }) => key !== usual.key)
      .map(({ first, last, rules }) => ({
        from: formatDate(first),
        to: formatDate(last),
        ...rules,
      })),
  };
}
