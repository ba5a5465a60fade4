import type { RuleSet } from '@water-clock/core/local-rules';

/** From when on rules are others than they were: the first of what is new that is still to come, or today. */
export function holdsFrom(before: RuleSet, after: RuleSet, today: string): string {
  const known = new Set(before.periods.map((period) => JSON.stringify(period)));
  const fresh = after.periods.filter((period) => !known.has(JSON.stringify(period)));
  const first = fresh.map(({ from }) => from).sort()[0] ?? today;
  return first < today ? today : first;
}
