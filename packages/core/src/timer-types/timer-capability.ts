import {
  Flag,
  ListOfChoices,
  ListOfLabels,
  Nested,
  NestedOrNull,
  OneOf,
  Optional,
  Text,
  WholeNumber,
} from '../documents/index.js';

export const DAY_MODES = ['weekdays', 'odd', 'even', 'interval', 'hours'] as const;
export type DayMode = (typeof DAY_MODES)[number];
/** What a timer has of which nothing else is known. */
const USUAL_DAY_MODES: readonly DayMode[] = ['weekdays', 'odd', 'even', 'interval'];

export const OVERLAP_BEHAVIOURS = ['queue', 'drop', 'preempt', 'concurrent'] as const;
/**
 * What a timer does when a start comes while another program run is going: it waits (`queue`), is
 * left out (`drop`), cuts the other off (`preempt`) or waters beside it (`concurrent`).
 */
export type OverlapBehaviour = (typeof OVERLAP_BEHAVIOURS)[number];

export const CYCLE_SOAK_POLICIES = ['in-order', 'ready-first'] as const;
export type CycleSoakPolicy = (typeof CYCLE_SOAK_POLICIES)[number];

export const SEASON_MODES = ['whole', 'program', 'monthly', 'weather'] as const;
export type SeasonMode = (typeof SEASON_MODES)[number];

export const START_STEPS_MINUTES = [1, 5, 10, 15, 30, 60] as const;

/** The longest time that a document may hold for one station, cycle, soak or delay: a week. */
export const LONGEST_SECONDS = 604_800;

/** What lengths a timer takes for a station. */
export class RunTimeLimits {
  @WholeNumber(0, LONGEST_SECONDS) minSeconds = 60;
  @WholeNumber(0, LONGEST_SECONDS) maxSeconds = 21_600;
  @WholeNumber(1, LONGEST_SECONDS) stepSeconds = 60;
  /** `program`: one length for every station of a program. */
  @OneOf(['station', 'program']) scope: 'station' | 'program' = 'station';
}

/** What seasonal percentages a timer takes. */
export class SeasonCapability {
  @ListOfChoices(SEASON_MODES) modes: SeasonMode[] = ['whole'];
  @WholeNumber(0, 1000) minPercent = 10;
  @WholeNumber(0, 1000) maxPercent = 150;
  @WholeNumber(1, 1000) stepPercent = 10;
  /** A scaled time is rounded half up to whole multiples of this. */
  @WholeNumber(1, 86_400) roundToSeconds = 60;
}

export class CycleSoakCapability {
  @OneOf(CYCLE_SOAK_POLICIES) policy: CycleSoakPolicy = 'in-order';
}

/** What a timer can do. Absent fields take the values shown. */
export class TimerCapability {
  @Optional() @Text() name?: string;
  @WholeNumber(1, 256) stations = 12;
  /** Program labels in the timer's own order. */
  @ListOfLabels({ least: 1, most: 40 }) programs: string[] = ['A', 'B', 'C'];
  @WholeNumber(1, 24) startsPerProgram = 4;
  @OneOf(START_STEPS_MINUTES) startStepMinutes = 15;
  @Nested(() => RunTimeLimits) runTime = new RunTimeLimits();
  @ListOfChoices(DAY_MODES) dayModes: DayMode[] = [...USUAL_DAY_MODES];
  @WholeNumber(0, 366) intervalMaxDays = 31;
  /** The most hours that an interval in hours may have. */
  @WholeNumber(0, 8784) intervalMaxHours = 23;
  /** Odd days leave out the 31st. */
  @Flag() skip31 = false;
  /** Odd days leave out 29 February. */
  @Flag() skipFeb29 = false;
  /** What becomes of an interval day that falls on a blocked day. */
  @OneOf(['skip', 'defer']) blockedDay: 'skip' | 'defer' = 'skip';
  /** Can rest on a day of every month. */
  @Flag() monthDaysOff = false;
  @OneOf(['number', 'listed']) stationOrder: 'number' | 'listed' = 'number';
  /** Null: the timer has no seasonal percentage. */
  @NestedOrNull(() => SeasonCapability) season: SeasonCapability | null = new SeasonCapability();
  @OneOf(OVERLAP_BEHAVIOURS) overlap: OverlapBehaviour = 'queue';
  /** Null: the timer has no cycle-and-soak. */
  @NestedOrNull(() => CycleSoakCapability) cycleSoak: CycleSoakCapability | null = null;
  @WholeNumber(0, LONGEST_SECONDS) maxStationDelaySeconds = 36_000;
  @WholeNumber(1, 256) maxConcurrentStations = 1;
  @Flag() noWaterWindows = false;
  /** A program can have hours of its own. */
  @Flag() programWindows = false;
  @Flag() rainSensor = true;
  @Flag() freezeSensor = false;
  @Flag() pumpPerStation = true;
  @OneOf(['mains', 'battery']) power: 'mains' | 'battery' = 'mains';
}
