import type { DayNumber } from '../civil-time/index.js';
import type { CareKind, DueKind } from './due.js';
import type { Percents } from './percents.js';
import type { HouseholdSet } from './household-sets.js';
import type { Spans } from './spans.js';

/** What somebody said of a due, other than by a visit. */
export interface DueAnswer {
  readonly key: string;
  readonly kind: DueKind;
  /** The date on which it was said, or that was named: when it was done. */
  readonly on: DayNumber;
  /** When that was, ISO 8601 in UTC. */
  readonly at: string;
  /** Put off until a date; null: it is done, by the household or in some other way. */
  readonly until: DayNumber | null;
  readonly reason: string;
}

/** The days on which something was done, as somebody said. */
export const doneOn = (answers: readonly DueAnswer[], kind: DueKind): DayNumber[] =>
  answers.filter((one) => one.kind === kind && one.until === null).map(({ on }) => on);

/** What dues of one timer are worked out from. All dates are of the home's calendar. */
export interface DueFacts {
  readonly spans: Spans;
  /** When the timer came to the firm: what nobody has written down since is due from then on. */
  readonly addedOn: DayNumber;
  /** IANA; null: not known, and so is when clocks are put. */
  readonly timeZone: string | null;
  /** It puts its clock forward and back itself. */
  readonly setsSummerTime: boolean;
  readonly battery: 'main' | 'backup';
  readonly hasRainSensor: boolean;
  /** Drip has a filter, a timer on a tap a screen. */
  readonly hasFilter: boolean;
  /** When each was cared for last at a visit. */
  readonly care: Partial<Readonly<Record<CareKind, DayNumber>>>;
  /** When the backflow preventer is to be tested by what was said at the last test; null: nobody said. */
  readonly backflowNextOn: DayNumber | null;
  /** It freezes there, as far as anybody said. */
  readonly hasFrost: boolean;
  /** It runs on the mains, and so hangs on a pipe. */
  readonly hasBackflow: boolean;
  /** When it was shut down, and started again, last at a visit. */
  readonly seasonCare: Readonly<Record<'winter' | 'spring', DayNumber | null>>;
  /** When somebody set the clock, or saw that it was right. */
  readonly clockSeenOn: DayNumber | null;
  /** When somebody was there last. */
  readonly visitedOn: DayNumber | null;
  /** When a value was keyed in last. */
  readonly keyedInOn: DayNumber | null;
  /** Null where the season sets nothing here, or nobody knows what it needs. */
  readonly season: SeasonFacts | null;
  /** Dates from which a rule that changes is broken by what stands in the timer. */
  readonly rulesBrokenFrom: readonly DayNumber[];
  /** The dates on which holds end. */
  readonly holdsEndOn: readonly DayNumber[];
  readonly bypassedSensors: readonly ('rain' | 'freeze')[];
  /** When a bypassed sensor is to be switched back; null: nobody said. */
  readonly sensorBackOn: DayNumber | null;
  /** When the last link to a sheet ends; null: there is none. */
  readonly linkEndsOn: DayNumber | null;
  readonly answers: readonly DueAnswer[];
  /** What was accepted of changes of many homes and is not in the timer yet. */
  readonly plannedChanges: readonly PlannedChange[];
  /** What it takes to set what is not in the timer yet; null: only whoever knows the timer can. */
  readonly sets: readonly HouseholdSet[] | null;
}

/** A change of many homes that somebody accepted for a timer. */
export interface PlannedChange {
  readonly id: string;
  readonly name: string;
  /** From when on it is to be in the timer. */
  readonly on: DayNumber;
}

export interface SeasonFacts {
  /** What each month asks for, January first. */
  readonly months: readonly Percents[];
  readonly inTimer: Percents;
  /** When that was read, or keyed in, ISO 8601 in UTC; null: never. */
  readonly asOf: string | null;
}
