import {
  Amount,
  CivilDay,
  CivilDayFrom,
  DateTime,
  DateTimeFrom,
  Flag,
  ListOfChoices,
  ListOfTimes,
  ListOfWhole,
  Nested,
  NestedList,
  OptionalNested,
  OptionalNestedList,
  OneOf,
  Optional,
  Text,
  TimeOfDay,
  TimeZone,
  WholeNumber,
} from '../documents/index.js';
import { LONGEST_SECONDS, TimerCapability } from '../timer-types/index.js';
import { DAY_RULES, dayRuleClass, WeekdayRule, type DayRule } from './day-rule.js';
import {
  LARGEST_PERCENT,
  SEASON_SETTINGS,
  seasonClass,
  WholeSeason,
  type SeasonSetting,
} from './season-setting.js';

/** What is written; files of the first version still open. */
export const PLAN_FORMAT = 'waterclock.plan/2';
export const PLAN_FORMATS = ['waterclock.plan/1', PLAN_FORMAT] as const;

export const HEADS = ['spray', 'rotary', 'rotor', 'impact', 'drip', 'bubbler', 'micro'] as const;
export type Head = (typeof HEADS)[number];

export const PLANTS = ['turf', 'seed', 'shrubs', 'trees', 'flowers', 'vegetables'] as const;
export type Plant = (typeof PLANTS)[number];

/** More starts than this no program has, whatever its timer: a start for each of 64 stations. */
const MOST_STARTS = 64;

const ALL_WEEKDAYS = [1, 2, 3, 4, 5, 6, 7];

/** Where the timer hangs, and what its supply gives. */
export class Site {
  @Optional() @TimeZone() timeZone?: string;
  @Optional() @Amount(-90, 90) latitude?: number;
  @Optional() @Amount(-180, 180) longitude?: number;
  /** Litres a minute that the supply can give. */
  @Optional() @Amount(0) supplyLpm?: number;
}

/** Hours of the day, on the weekdays on which they begin. They may pass midnight; from = to is 24 h. */
export class DailyHours {
  @TimeOfDay() from!: string;
  @TimeOfDay() to!: string;
  @ListOfWhole(1, 7) weekdays: number[] = [...ALL_WEEKDAYS];
}

/** A stretch of the timer's calendar, `from` included, `to` not. */
export class Stretch {
  @DateTime() from!: string;
  @DateTimeFrom('from') to!: string;
}

/** What the timer's clock showed at a known true time. */
export class ClockReading {
  @DateTime() timerReads!: string;
  @DateTime() trueTime!: string;
}

/** What is set on the timer, outside its programs. */
export class ControllerSettings {
  @Flag() off = false;
  /** Wait between one station and the next. */
  @WholeNumber(0, LONGEST_SECONDS) stationDelaySeconds = 0;
  @Nested(seasonClass, SEASON_SETTINGS) season: SeasonSetting = new WholeSeason();
  @OneOf(['active', 'bypass']) rainSensor: 'active' | 'bypass' = 'active';
  @OneOf(['active', 'bypass']) freezeSensor: 'active' | 'bypass' = 'active';
  /** Days of every month without watering. */
  @ListOfWhole(1, 31) monthDaysOff: number[] = [];
  @NestedList(() => DailyHours) noWater: DailyHours[] = [];
  @NestedList(() => Stretch) pauses: Stretch[] = [];
  @OptionalNested(() => ClockReading) clock?: ClockReading;
}

export class StationSettings {
  @WholeNumber(1) number!: number;
  @Optional() @Text() name?: string;
  @Flag() enabled = true;
  /** The longest piece; absent: no cycle-and-soak. */
  @Optional() @WholeNumber(1, LONGEST_SECONDS) cycleSeconds?: number;
  /** The least wait between two pieces of this station. */
  @Optional() @WholeNumber(0, LONGEST_SECONDS) soakSeconds?: number;
  /** Litres a minute while it is open. */
  @Optional() @Amount(0) flowLpm?: number;
  @Optional() @Flag() pump?: boolean;
  /** The station heeds the timer's rain sensor. */
  @Flag() rainSensor = true;
  /** The station heeds the timer's freeze sensor. */
  @Flag() freezeSensor = true;
  @Optional() @OneOf(HEADS) head?: Head;
  @Optional() @OneOf(PLANTS) plant?: Plant;
  /** How long the ground takes water before it runs off. */
  @Optional() @WholeNumber(0, LONGEST_SECONDS) runoffSeconds?: number;
  @Optional() @WholeNumber(0, LONGEST_SECONDS) minSoakSeconds?: number;
}

/** How long a program waters one station, at 100 %. */
export class StationRun {
  @WholeNumber(1) station!: number;
  @WholeNumber(0, LONGEST_SECONDS) seconds!: number;
}

export class ProgramSettings {
  @Text() id!: string;
  @Flag() enabled = true;
  @WholeNumber(0, LARGEST_PERCENT) percent = 100;
  /** Times of day, `HH:MM`. */
  @ListOfTimes({ most: MOST_STARTS }) starts: string[] = [];
  @Nested(dayRuleClass, DAY_RULES) days: DayRule = new WeekdayRule();
  @ListOfWhole(1, 7) blockedWeekdays: number[] = [];
  /** How many stations this program may have open at once. */
  @WholeNumber(1) concurrent = 1;
  @NestedList(() => StationRun) runs: StationRun[] = [];
  /** The only hours in which this program lets water through; none: all of them. */
  @NestedList(() => DailyHours) waterWindows: DailyHours[] = [];
}

/** What rules ask of one date. */
export class RulesOfDate {
  @Optional() @ListOfWhole(1, 7) weekdays?: number[];
  @Optional() @OneOf(['odd', 'even']) dateParity?: 'odd' | 'even';
  @NestedList(() => DailyHours) noWater: DailyHours[] = [];
  /** Time of day by which a night's watering is to be over. */
  @Optional() @TimeOfDay() finishBy?: string;
  /** Heads that weekdays, parity and hours spare. */
  @ListOfChoices(HEADS) exempt: Head[] = [];
}

/** Rules of certain dates, both ends included. */
export class RulesPeriod extends RulesOfDate {
  @CivilDay() from!: string;
  @CivilDayFrom('from') to!: string;
}

/** What the district and the household allow, whatever the date. */
export class LastingRules extends RulesOfDate {
  @ListOfWhole(1, 7) mowingWeekdays: number[] = [];
  @WholeNumber(0, LARGEST_PERCENT) headroomPercent = 120;
}

/** What the district and the household allow. */
export class LocalRules extends LastingRules {
  /** What holds on its dates in place of the rules above; of several the last listed. */
  @OptionalNestedList(() => RulesPeriod) periods?: RulesPeriod[];
}

/** The percentage that the weather asks for on a date. */
export class PercentOfDate {
  @CivilDay() date!: string;
  @WholeNumber(0, LARGEST_PERCENT) percent!: number;
}

/** The weather as the timer's sensors see it. */
export class Weather {
  /** While the rain sensor is wet. */
  @NestedList(() => Stretch) rain: Stretch[] = [];
  /** While the freeze sensor finds it too cold. */
  @NestedList(() => Stretch) freeze: Stretch[] = [];
  @NestedList(() => PercentOfDate) percents: PercentOfDate[] = [];
}

/** A timer's settings, whole: what the timer can do, what is set on it, its stations and programs. */
export class Plan {
  @OneOf(PLAN_FORMATS) format!: (typeof PLAN_FORMATS)[number];
  @Optional() @Text() name?: string;
  @OptionalNested(() => Site) site?: Site;
  @Nested(() => TimerCapability) timer!: TimerCapability;
  @Nested(() => ControllerSettings) controller = new ControllerSettings();
  @NestedList(() => StationSettings) stations!: StationSettings[];
  @NestedList(() => ProgramSettings) programs!: ProgramSettings[];
  @OptionalNested(() => LocalRules) rules?: LocalRules;
  @OptionalNested(() => Weather) weather?: Weather;
}
