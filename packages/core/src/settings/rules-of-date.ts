import { formatDate, type DayNumber } from '../civil-time/index.js';
import type { LocalRules, RulesOfDate } from './plan.js';

const NONE: RulesOfDate = { noWater: [], exempt: [] };

/** What rules ask of a date: what the last listed period says that holds it, else what holds otherwise. */
export function rulesOfDate(rules: LocalRules | undefined, day: DayNumber): RulesOfDate {
  if (!rules) return NONE;
  if (!rules.periods) return rules;
  const date = formatDate(day);
  return rules.periods.findLast(({ from, to }) => from <= date && date <= to) ?? rules;
}
