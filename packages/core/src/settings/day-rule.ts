import {
  Anything,
  CivilDay,
  DateTime,
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

/** The longest interval in days that any timer counts. */
export const LONGEST_INTERVAL_DAYS = 31;

/** Waters every so many days, counted from `anchor`, a day on which it waters. */
export class IntervalRule {
  @OneOf(['interval']) mode = 'interval' as const;
  @WholeNumber(1, LONGEST_INTERVAL_DAYS) everyDays!: number;
  /** `YYYY-MM-DD`. */
  @CivilDay() anchor!: string;
}

/** The longest interval in hours: a week. */
export const LONGEST_INTERVAL_HOURS = 168;

/** Starts every so many hours, counted from `anchor`; a program with it needs no starts, and its own mean nothing. */
export class HoursRule {
  @OneOf(['hours']) mode = 'hours' as const;
  @WholeNumber(1, LONGEST_INTERVAL_HOURS) everyHours!: number;
  /** The first start, `YYYY-MM-DDTHH:MM:SS`. */
  @DateTime() anchor!: string;
}

export type DayRule = WeekdayRule | OddRule | EvenRule | IntervalRule | HoursRule;

/** Stands in for a rule whose mode is unknown: only the mode is reported. */
class UnknownRule {
  @OneOf(DAY_MODES) mode: unknown;
  @Anything() weekdays: unknown;
  @Anything() everyDays: unknown;
  @Anything() everyHours: unknown;
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
    case 'hours':
      return HoursRule;
    default:
      return UnknownRule;
  }
}

/** All that a day rule can be. */
export const DAY_RULES = [WeekdayRule, OddRule, EvenRule, IntervalRule, HoursRule];
