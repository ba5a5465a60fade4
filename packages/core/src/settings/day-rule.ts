import {
  Anything,
  CivilDay,
  ListOfWhole,
  OneOf,
  WholeNumber,
  type DocumentClass,
} from '../documents/index.js';
import { DAY_MODES } from '../timer-types/index.js';

/** Waters on chosen weekdays, Monday = 1. With none chosen it never waters. */
export class WeekdayRule {
  @OneOf(['weekdays']) mode = 'weekdays' as const;
  @ListOfWhole(1, 7) weekdays: number[] = [];
}

/** Waters on odd days of the month, less those that the timer leaves out. */
export class OddRule {
  @OneOf(['odd']) mode = 'odd' as const;
}

export class EvenRule {
  @OneOf(['even']) mode = 'even' as const;
}

/** Waters every so many days, counted from `anchor`, a day on which it waters. */
export class IntervalRule {
  @OneOf(['interval']) mode = 'interval' as const;
  @WholeNumber(1, 31) everyDays!: number;
  /** `YYYY-MM-DD`. */
  @CivilDay() anchor!: string;
}

export type DayRule = WeekdayRule | OddRule | EvenRule | IntervalRule;

/** Stands in for a rule whose mode is unknown: only the mode is reported. */
class UnknownRule {
  @OneOf(DAY_MODES) mode: unknown;
  @Anything() weekdays: unknown;
  @Anything() everyDays: unknown;
  @Anything() anchor: unknown;
}

/** The class that reads a rule, by its mode; a rule without a mode is in weekday mode. */
export function dayRuleClass({ mode = 'weekdays' }: Record<string, unknown>): DocumentClass {
  switch (mode) {
    case 'weekdays':
      return WeekdayRule;
    case 'odd':
      return OddRule;
    case 'even':
      return EvenRule;
    case 'interval':
      return IntervalRule;
    default:
      return UnknownRule;
  }
}

/** All that a day rule can be. */
export const DAY_RULES = [WeekdayRule, OddRule, EvenRule, IntervalRule];
