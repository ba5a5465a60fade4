import { parseDate } from '@water-clock/core/civil-time';
import { withRulesOf } from '@water-clock/core/local-rules';
import type { Plan } from '@water-clock/core/settings';
import type { Property } from '../schema/property.entity.js';
import type { StoredRuleSet } from '../schema/rule-set.entity.js';

/** What of a home bears on its timers. */
export type HomeOfSettings = Pick<
  Property,
  | 'name'
  | 'timeZone'
  | 'latitude'
  | 'longitude'
  | 'supplyLpm'
  | 'address'
  | 'mowingWeekdays'
  | 'isDryBeforeMowing'
  | 'supplySource'
> & { readonly ruleSet: Pick<StoredRuleSet, 'document'> | null };

/** The settings as they stand at their property on a date: its name, site, supply and rules. */
export function settingsAtHome(plan: Plan, property: HomeOfSettings, on: string): Plan {
  const { name, timeZone, latitude, longitude, supplyLpm } = property;
  const site = {
    ...plan.site,
    ...(timeZone !== null && { timeZone }),
    ...(latitude !== null && { latitude }),
    ...(longitude !== null && { longitude }),
    ...(supplyLpm !== null && { supplyLpm }),
  };
  const ruleSet = property.ruleSet?.document ?? null;
  const { address, mowingWeekdays, isDryBeforeMowing, supplySource } = property;
  return withRulesOf(
    { ...plan, name, site },
    { address, supplySource, ruleSet, mowingWeekdays, isDryBeforeMowing },
    parseDate(on)!,
  );
}
