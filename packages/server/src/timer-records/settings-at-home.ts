import { parseDate } from '@water-clock/core/civil-time';
import { withRulesOf } from '@water-clock/core/local-rules';
import type { Plan } from '@water-clock/core/settings';
import type { Property } from '../schema/property.entity.js';

/** The settings as they stand at their property on a date: its name, site, supply and rules. */
export function settingsAtHome(plan: Plan, property: Property, on: string): Plan {
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
