import {
  Amount,
  CivilDay,
  Flag,
  ListOfTimes,
  ListOfWhole,
  Nested,
  NestedList,
  OneOf,
  Optional,
  OptionalNested,
  Text,
  TimeOfDay,
  WholeNumber,
  type DocumentClass,
} from '../documents/index.js';
import {
  ControllerSettings,
  HEADS,
  LastingRules,
  PLANTS,
  Site,
  type Head,
  type Plant,
} from '../settings/index.js';
import { LONGEST_SECONDS, TimerCapability } from '../timer-types/index.js';

export const BRIEF_FORMAT = 'waterclock.brief/1';

export const PREFERENCES = ['one-program', 'by-need'] as const;
export type Preference = (typeof PREFERENCES)[number];

/** So many seconds a week, on any number of days in a range. */
export class WeeklyNeed {
  @WholeNumber(1, LONGEST_SECONDS) weeklySeconds!: number;
  /** The fewest and the most dates a week. */
  @ListOfWhole(1, 7, { least: 2, most: 2 }) daysPerWeek!: [number, number];
}

/** So many seconds every so many days, always on the same remainder. */
export class IntervalNeed {
  @WholeNumber(1, 31) everyDays!: number;
  @WholeNumber(1, LONGEST_SECONDS) seconds!: number;
}

/** Several short runs a date, by day: new seed. */
export class DailyNeed {
  @WholeNumber(1, 24) timesPerDay!: number;
  /** Of one run. */
  @WholeNumber(1, LONGEST_SECONDS) seconds!: number;
  @ListOfWhole(1, 7, { least: 2, most: 2 }) daysPerWeek!: [number, number];
  /** The hours of the day in which they lie. */
  @ListOfTimes({ least: 2, most: 2 }) spread!: [string, string];
}

export type Need = WeeklyNeed | IntervalNeed | DailyNeed;

/** The class that reads a need, by what it names. */
export function needClass(raw: Record<string, unknown>): DocumentClass {
  if ('timesPerDay' in raw) return DailyNeed;
  return 'everyDays' in raw ? IntervalNeed : WeeklyNeed;
}

export class BriefStation {
  @WholeNumber(1) number!: number;
  @Optional() @Text() name?: string;
  @Flag() enabled = true;
  @Optional() @OneOf(HEADS) head?: Head;
  @Optional() @OneOf(PLANTS) plant?: Plant;
  @Nested(needClass, [WeeklyNeed, IntervalNeed, DailyNeed]) need!: Need;
  /** The longest it may run at once; absent: any time. */
  @Optional() @WholeNumber(1, LONGEST_SECONDS) maxPieceSeconds?: number;
  /** The least wait between two of its pieces. */
  @Optional() @WholeNumber(0, LONGEST_SECONDS) minSoakSeconds?: number;
  @Optional() @Amount(0) flowLpm?: number;
  @Optional() @Flag() pump?: boolean;
  @Flag() rainSensor = true;
  @Flag() freezeSensor = true;
}

/** Local rules, and from when on a night may be watered. */
export class BriefRules extends LastingRules {
  @Optional() @TimeOfDay() earliestStart?: string;
}

/** What is wanted of a timer: what it can do, where, under which rules, and each station's need. */
export class Brief {
  @OneOf([BRIEF_FORMAT]) format!: typeof BRIEF_FORMAT;
  @CivilDay() from!: string;
  @Optional() @Text() name?: string;
  @OptionalNested(() => Site) site?: Site;
  @Nested(() => TimerCapability) timer!: TimerCapability;
  @Nested(() => ControllerSettings) controller = new ControllerSettings();
  @Nested(() => BriefRules) rules = new BriefRules();
  @NestedList(() => BriefStation) stations!: BriefStation[];
  @OneOf(PREFERENCES) prefer: Preference = 'one-program';
}
