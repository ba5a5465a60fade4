import type { DayNumber } from '../civil-time/index.js';
import type { CareKind, Due, DueAnswer, PlannedChange, Spans } from '../dues/index.js';
import type { Customary } from '../needs/index.js';
import type { Confirmed, Frost, Plan } from '../settings/index.js';
import type { TimerHandling } from '../timer-types/index.js';
import type { MadeEntry, Reading } from '../visits/index.js';
import type { MonthWeather } from '../weather/index.js';
import type { Yard } from '../yards/index.js';
import type { Reason } from './reason.js';

/** How far ahead dues are told. */
export const DUE_DAYS = 60;

/** An entry of a visit that is over, as far as dues go by it. */
export interface PastEntry {
  /** At which visit it was made. */
  readonly visitId: string;
  readonly entry: MadeEntry['entry'];
  readonly observedOn: DayNumber;
}

/** All that is known of a timer and bears on what is to be done about it; dates are of the home's calendar. */
export interface TimerFacts {
  /** What is saved on the desk, with the rules of the home. */
  readonly plan: Plan;
  readonly handling: TimerHandling;
  readonly yard: Yard | null;
  /** How hard it freezes at the home; null: nobody said. */
  readonly frost: Frost | null;
  /** Null: the home goes by no weather. */
  readonly months: readonly (MonthWeather | null)[] | null;
  readonly customary: Customary;
  readonly spans: Spans;
  /** IANA; null: not known. */
  readonly timeZone: string | null;
  readonly addedOn: DayNumber;
  /** What was read off it last, and how much of it; null: nobody has read it. */
  readonly reading: Reading | null;
  readonly confirmed: Confirmed | null;
  /** The visit that goes on. */
  readonly openVisit: {
    readonly startedAt: string;
    readonly startedBy: string;
    readonly entries: readonly MadeEntry[];
  } | null;
  /** What was cared for, and where the clock was set, at whatever visit. */
  readonly pastEntries: readonly PastEntry[];
  /** When a visit began last; null: nobody was there. */
  readonly visitedOn: DayNumber | null;
  readonly keyedInOn: DayNumber | null;
  readonly openJobs: number;
  readonly linkEndsOn: DayNumber | null;
  readonly answers: readonly DueAnswer[];
  /** What was accepted of changes of many homes that are not closed. */
  readonly plannedChanges: readonly PlannedChange[];
}

/** What is true of a timer on a date: the same on every screen that speaks of it. */
export interface Standing {
  /** The worst first; none: it needs nothing. */
  readonly reasons: readonly Reason[];
  /** What is due by {@link DUE_DAYS} from the date, the soonest first. */
  readonly dues: readonly Due[];
  /** When each care is to be taken next, whether or not it is due by then; absent: not here. */
  readonly care: Partial<Readonly<Record<CareKind, string>>>;
  /** How many program runs begin in fourteen days. */
  readonly runs: number;
  /** How many pairs of them overlap. */
  readonly collisions: number;
  /** When the first overlap on any date begins, timer time; null: no two runs overlap. */
  readonly firstCollision: string | null;
  /** The timer is switched off. */
  readonly isOff: boolean;
  /** Its settings were too much to work out. */
  readonly isTooMuch: boolean;
  /** How many values are to be keyed in. */
  readonly values: number;
}

/** Of settings that are too much to work out nothing else is known. */
export const TOO_MUCH: Standing = {
  reasons: [{ kind: 'too-much' }],
  ...{ dues: [], care: {}, runs: 0, collisions: 0, firstCollision: null },
  ...{ isOff: false, isTooMuch: true, values: 0 },
};
