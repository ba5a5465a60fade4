import {
  CivilDay,
  ListOfChoices,
  ListOfLabels,
  ListOfWhole,
  MonthDay,
  NestedList,
  OneOf,
  Optional,
  OptionalNested,
  Text,
} from '../documents/index.js';
import {
  DailyHours,
  HEADS,
  SUPPLY_SOURCES,
  type Head,
  type SupplySource,
} from '../settings/index.js';

export const RULES_FORMAT = 'waterclock.rules/1';

export const HOUSES = ['all', 'odd', 'even', 'digits'] as const;

/** On which days certain houses may water. */
export class HouseRule {
  /** Which houses: by the parity of their number, or by its last digit (`digits`). */
  @OneOf(HOUSES) houses: (typeof HOUSES)[number] = 'all';
  @ListOfWhole(0, 9) digits: number[] = [];
  /** Only houses with such water; absent: whatever their water is. */
  @Optional() @ListOfChoices(SUPPLY_SOURCES) supplies?: SupplySource[];
  /** The weekdays allowed, Monday = 1; absent: all. */
  @Optional() @ListOfWhole(1, 7) weekdays?: number[];
  /** Only odd, or only even, dates. */
  @Optional() @OneOf(['odd', 'even']) dateParity?: 'odd' | 'even';
}

/** A part of every year, both days included; it may pass the turn of the year. */
export class YearPart {
  @MonthDay() from!: string;
  @MonthDay() to!: string;
}

/** What holds from a date on, until a later period takes its place. */
export class RulePeriod {
  @CivilDay() from!: string;
  /** Absent: all year. */
  @OptionalNested(() => YearPart) season?: YearPart;
  @NestedList(() => HouseRule) houses: HouseRule[] = [];
  /** Hours in which nothing may water. */
  @NestedList(() => DailyHours) noWater: DailyHours[] = [];
  /** Heads that days and hours spare. */
  @ListOfChoices(HEADS) exempt: Head[] = [];
  /** The rule as it is written. */
  @Text() words = '';
  /** Where the words come from. */
  @Text() source = '';
}

/** The watering rules of one district. */
export class RuleSet {
  @OneOf([RULES_FORMAT]) format: typeof RULES_FORMAT = RULES_FORMAT;
  @Text() district!: string;
  /** The towns for which it is offered. */
  @ListOfLabels({ least: 0, most: 200 }) towns: string[] = [];
  @NestedList(() => RulePeriod) periods: RulePeriod[] = [];
}
