import { civilDateOf, parseDate, type DayNumber } from '../civil-time/index.js';
import type { LocalRules, SupplySource } from '../settings/index.js';
import type { HouseRule, RulePeriod, RuleSet, YearPart } from './rule-set.js';

/** What tells a house from others that go by the same rule set. */
export interface House {
  /** Null: its address has none. */
  readonly number: number | null;
  /** Null: nobody knows where its water comes from. */
  readonly supply: SupplySource | null;
}

/** What a rule set says to one house on one date. */
export interface RulesInForce {
  readonly period: RulePeriod;
  /** Null where days go by house number or water, and that of the house is not known: they must be asked for. */
  readonly rule: HouseRule | null;
  readonly rules: Pick<LocalRules, 'weekdays' | 'dateParity' | 'noWater' | 'exempt'>;
}

/** The number of a house from its address: "18 Millpond Lane", "Lane 18b". Null where there is none. */
export function houseNumberOf(address: string): number | null {
  const match = /(?:^|\s)(\d{1,6})[a-z]?(?=$|[\s,])/i.exec(address);
  return match ? Number(match[1]) : null;
}

/** What holds for a house on a date; null where no period of the set holds then. */
export function rulesOn({ periods }: RuleSet, house: House, day: DayNumber): RulesInForce | null {
  const period = periods
    .filter(({ from, season }) => parseDate(from)! <= day && (!season || isWithin(day, season)))
    .reduce<RulePeriod | null>(
      (latest, one) => (latest === null || one.from >= latest.from ? one : latest),
      null,
    );
  if (!period) return null;
  const { noWater, exempt, houses } = period;
  const rule = houses.find((one) => isFor(one, house)) ?? null;
  return {
    period,
    rule,
    rules: {
      ...(rule?.weekdays && { weekdays: rule.weekdays }),
      ...(rule?.dateParity && { dateParity: rule.dateParity }),
      noWater,
      exempt,
    },
  };
}

function isFor({ houses, digits, supplies }: HouseRule, { number, supply }: House): boolean {
  if (supplies && !(supply && supplies.includes(supply))) return false;
  if (houses === 'all') return true;
  if (number === null) return false;
  if (houses === 'digits') return digits.includes(number % 10);
  return houses === (number % 2 === 1 ? 'odd' : 'even');
}

function isWithin(day: DayNumber, { from, to }: YearPart): boolean {
  const { month, day: date } = civilDateOf(day);
  const now = `${String(month).padStart(2, '0')}-${String(date).padStart(2, '0')}`;
  return from <= to ? from <= now && now <= to : now >= from || now <= to;
}
