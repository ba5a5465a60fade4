import { civilDateOf, type DayNumber } from '../civil-time/index.js';
import { LocalRules, type Plan, type SupplySource } from '../settings/index.js';
import { houseNumberOf } from './rules-on.js';
import type { RuleSet } from './rule-set.js';
import { writtenOut } from './written-out.js';

/** What of a home bears on the rules of its timers. */
export interface HomeForRules {
  readonly address: string;
  /** Null: nobody knows. */
  readonly supplySource: SupplySource | null;
  /** Null where nobody knows the rules: those in the settings stay. */
  readonly ruleSet: RuleSet | null;
  readonly mowingWeekdays: readonly number[];
  /** The day before each of them is kept dry too. */
  readonly isDryBeforeMowing: boolean;
}

/** The weekdays that are kept dry for mowing, Monday = 1. */
export function dryForMowing({
  mowingWeekdays,
  isDryBeforeMowing,
}: Pick<HomeForRules, 'mowingWeekdays' | 'isDryBeforeMowing'>): number[] {
  if (!isDryBeforeMowing) return [...mowingWeekdays];
  const before = mowingWeekdays.map((weekday) => ((weekday + 5) % 7) + 1);
  return [...new Set([...mowingWeekdays, ...before])].sort((a, b) => a - b);
}

/**
 * The settings with the rules of a home, written out by date for the year of `day` and two more; the
 * technician's own choices stay, on every date.
 */
export function withRulesOf(plan: Plan, home: HomeForRules, day: DayNumber): Plan {
  const { ruleSet, address, supplySource } = home;
  const mowingWeekdays = dryForMowing(home);
  if (!ruleSet) {
    if (!plan.rules && mowingWeekdays.length === 0) return plan;
    return { ...plan, rules: { ...(plan.rules ?? new LocalRules()), mowingWeekdays } };
  }
  const house = { number: houseNumberOf(address), supply: supplySource };
  const { finishBy, headroomPercent } = plan.rules ?? new LocalRules();
  const own = finishBy === undefined ? {} : { finishBy };
  const { outer, periods } = writtenOut(ruleSet, house, civilDateOf(day).year);
  return {
    ...plan,
    rules: {
      ...outer,
      ...own,
      mowingWeekdays,
      headroomPercent,
      ...(periods.length > 0 && { periods: periods.map((period) => ({ ...period, ...own })) }),
    },
  };
}
