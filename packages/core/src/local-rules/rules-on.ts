import { civilDateOf, parseDate, type DayNumber } from '../civil-time/index.js';
import type { LocalRules } from '../settings/index.js';
import type { HouseRule, RulePeriod, RuleSet, YearPart } from './rule-set.js';

/** What a rule set says to one house on one date. */
export interface RulesInForce {
  readonly period: RulePeriod;
  /** Null where days go by house number and the house has none: they must be asked for. */
  readonly house: HouseRule | null;
  readonly rules: Pick<LocalRules, 'weekdays' | 'dateParity' | 'noWater' | 'exempt'>;
}

/** The number of a house from its address: "18 Millpond Lane", "Lane 18b". Null where there is none. */
export function houseNumberOf(address: string): number | null {
  const match = /(?:^|\s)(\d{1,6})[a-z]?(?=$|[\s,])/i.exec(address);
  return match ? Number(match[1]) : null;
}

/** What holds for a house on a date; null where no period of the set holds then. */
export function rulesOn(
  { periods }: RuleSet,
  houseNumber: number | null,
  day: DayNumber,
): RulesInForce | null {
  const period = periods
    .filter(({ from, season }) => parseDate(from)! <= day && (!season || isWithin(day, season)))
    .reduce<RulePeriod | null>(
      (latest, one) => (latest === null || one.from >= latest.from ? one : latest),
      null,
    );
  if (!period) return null;
  const { noWater, exempt, houses } = period;
  const house = houses.find((rule) => isFor(rule, houseNumber)) ?? null;
  return {
    period,
    house,
    rules: {
      ...(house?.weekdays && { weekdays: house.weekdays }),
      ...(house?.dateParity && { dateParity: house.dateParity }),
      noWater,
      exempt,
    },
  };
}

function isFor({ houses, digits }: HouseRule, houseNumber: number | null): boolean {
  if (houses === 'all') return true;
  if (houseNumber === null) return false;
  if (houses === 'digits') return digits.includes(houseNumber % 10);
  return houses === (houseNumber % 2 === 1 ? 'odd' : 'even');
}

function isWithin(day: DayNumber, { from, to }: YearPart): boolean {
  const { month, day: date } = civilDateOf(day);
  const now = `${String(month).padStart(2, '0')}-${String(date).padStart(2, '0')}`;
  return from <= to ? from <= now && now <= to : now >= from || now <= to;
}
