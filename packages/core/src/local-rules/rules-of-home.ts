import type { DayNumber } from '../civil-time/index.js';
import { LocalRules, type Plan } from '../settings/index.js';
import { houseNumberOf, rulesOn } from './rules-on.js';
import type { RuleSet } from './rule-set.js';

/** What of a home bears on the rules of its timers. */
export interface HomeForRules {
  readonly address: string;
  /** Null where nobody knows the rules: those in the settings stay. */
  readonly ruleSet: RuleSet | null;
  readonly mowingWeekdays: readonly number[];
}

/** The settings with the rules that hold at a home on a date; the technician's own choices stay. */
export function withRulesOf(plan: Plan, home: HomeForRules, day: DayNumber): Plan {
  const { ruleSet, address } = home;
  const mowingWeekdays = [...home.mowingWeekdays];
  if (!ruleSet) {
    if (!plan.rules && mowingWeekdays.length === 0) return plan;
    return { ...plan, rules: { ...(plan.rules ?? new LocalRules()), mowingWeekdays } };
  }
  const inForce = rulesOn(ruleSet, houseNumberOf(address), day);
  const { finishBy, headroomPercent } = plan.rules ?? new LocalRules();
  return {
    ...plan,
    rules: {
      ...(inForce?.rules ?? { noWater: [], exempt: [] }),
      mowingWeekdays,
      headroomPercent,
      ...(finishBy !== undefined && { finishBy }),
    },
  };
}
