import { addDays, dayOf, parseDateTime, type DayNumber } from '../civil-time/index.js';
import type { Finding } from '../findings/index.js';
import { rulesOfDate, type Plan } from '../settings/index.js';

/** A change of rules is spoken of so long before, and as long after where it is still broken. */
const NEAR_DAYS = 60;
export const RULE_CODES: ReadonlySet<Finding['code']> = new Set([
  'rule-day',
  'rule-hours',
  'mowing-day',
]);

/** The dates near today on which rules change, and from which what stands in the timer breaks them. */
export function rulesBrokenFrom(
  { rules }: Plan,
  findings: readonly Finding[],
  today: DayNumber,
): DayNumber[] {
  if (!rules?.periods) return [];
  const says = (day: DayNumber) => {
    const { weekdays, dateParity, noWater, exempt } = rulesOfDate(rules, day);
    return JSON.stringify([weekdays, dateParity, noWater, exempt]);
  };
  const changes = Array.from({ length: 2 * NEAR_DAYS + 1 }, (_, index) =>
    addDays(today, index - NEAR_DAYS),
  ).filter((day) => says(day) !== says(addDays(day, -1)));
  const broken = findings
    .filter(({ code, first }) => first !== undefined && RULE_CODES.has(code))
    .flatMap(({ first }) => {
      const day = parseDateTime(first!);
      return day === null ? [] : [dayOf(day)];
    });
  return changes.filter((change, index) => {
    const next = changes[index + 1];
    const from = change < today ? today : change;
    return broken.some((day) => day >= from && (next === undefined || day < next));
  });
}
