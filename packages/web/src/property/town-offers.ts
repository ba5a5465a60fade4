import { houseNumberOf } from '@water-clock/core/local-rules';
import type { StoredRuleSet } from '../api/rules';

export const townsOf = (sets: readonly StoredRuleSet[]): string[] => [
  ...new Set(sets.flatMap(({ document }) => document.towns)),
];

export const startsWith = (typed: string, option?: { value: string }): boolean =>
  option?.value.toLowerCase().startsWith(typed.toLowerCase()) ?? false;

/** What is offered for a town; null where there is nothing, or more than one. */
export function ofTown(
  town: string,
  offered: readonly { readonly id: string; readonly towns: readonly string[] }[],
): string | null {
  const fitting = offered.filter(({ towns }) =>
    towns.some((one) => one.toLowerCase() === town.trim().toLowerCase()),
  );
  return fitting.length === 1 ? fitting[0]!.id : null;
}

export function ruleWords(set: StoredRuleSet | undefined, address: string): string | undefined {
  if (!set) return undefined;
  const goesByNumber = set.document.periods.some(({ houses }) =>
    houses.some((rule) => rule.houses !== 'all'),
  );
  if (!goesByNumber) return undefined;
  const number = houseNumberOf(address);
  return number === null
    ? 'The days go by house number: give it in the address.'
    : `The days go by house number: ${number}.`;
}
