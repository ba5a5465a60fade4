import type { House } from '@water-clock/core/local-rules';
import { listInWords } from '@water-clock/core/words';
import type { StoredRuleSet } from '../api/rules';
import { SUPPLY_NAMES } from '../format/supply-names';
import { whatTells, type WhatTells } from '../rules/rules-in-force';

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

/** By what of a home its days go, and what of that is not given yet. */
export function ruleWords(set: StoredRuleSet | undefined, house: House): string | undefined {
  const tells = whatTells(set?.document.periods.flatMap(({ houses }) => houses) ?? []);
  if (tells.length === 0) return undefined;
  const goBy = `The days go by ${listInWords(tells)}`;
  const given = tells.map((what) =>
    what === 'water' ? house.supply && SUPPLY_NAMES[house.supply] : house.number,
  );
  const missing = tells.filter((_, index) => given[index] === null);
  if (missing.length === 0) return `${goBy}: ${given.join(', ')}.`;
  return `${goBy}: ${missing.map((what) => ASK[what]).join(', and ')}.`;
}

const ASK: Record<WhatTells, string> = {
  'house number': 'give the number in the address',
  water: 'say where the water comes from',
};
