import {
  Amount,
  Anything,
  Flag,
  ListOfWhole,
  Nested,
  NestedList,
  OneOf,
  OptionalNested,
  Optional,
  Text,
  TimeZone,
  Uuid,
  UtcMoment,
  StoredVersion,
  WholeNumber,
} from '../documents/index.js';
import { HOUSEHOLD_LANGUAGES, type HouseholdLanguage } from './household-language.js';
import { PhotoFacts } from '../photos/index.js';
import type { RuleSet } from '../local-rules/index.js';
import {
  Confirmed,
  FROSTS,
  SUPPLY_SOURCES,
  type Frost,
  type Plan,
  type SupplySource,
} from '../settings/index.js';
import type { Yard } from '../yards/index.js';

export const PROPERTY_FORMAT = 'waterclock.property/2';
/** Without photos; still read. */
export const FIRST_PROPERTY_FORMAT = 'waterclock.property/1';

export const COPY_REASONS = ['as-found', 'planned', 'left'] as const;
/** Why a copy was saved: it was read off the timer, it was planned, or it was left in the timer. */
export type CopyReason = (typeof COPY_REASONS)[number];

/** Who and where, and what water there is. */
export class PropertyFacts {
  @Text() name!: string;
  @Text() address = '';
  @Text() town = '';
  @Text() contactName = '';
  @Text() contactPhone = '';
  @Text() contactEmail = '';
  /** How one gets in: code of the gate, the dog, where the timer hangs. */
  @Text() gateNotes = '';
  @Optional() @TimeZone() timeZone?: string;
  @Optional() @Amount(-90, 90) latitude?: number;
  @Optional() @Amount(-180, 180) longitude?: number;
  @Optional() @OneOf(SUPPLY_SOURCES) supplySource?: SupplySource;
  @Optional() @OneOf(FROSTS) frost?: Frost;
  /** Litres a minute that the supply can give. */
  @Optional() @Amount(0, 100_000) supplyLpm?: number;
  @Optional() @Amount(0, 5000) supplyKpa?: number;
  /** Of a cubic metre, in the firm's currency. */
  @Optional() @Amount(0, 1000) waterPrice?: number;
  /** Monday = 1. */
  @ListOfWhole(1, 7) mowingWeekdays: number[] = [];
  /** The day before each of them is kept dry too. */
  @Flag() isDryBeforeMowing = false;
  /** What the household reads. */
  @OneOf(HOUSEHOLD_LANGUAGES) language: HouseholdLanguage = 'en';
}

/** More than any visit has. */
const MOST_ENTRIES = 1_000_000;

/** One saved copy of a timer's settings. */
export class CopyInFile {
  @StoredVersion() number!: number;
  @Text() name = '';
  @OneOf(COPY_REASONS) reason!: CopyReason;
  /** Who saved it. */
  @Text() person = '';
  @UtcMoment() madeAt!: string;
  /** A plan document. */
  @Anything() document!: Plan;
  @OptionalNested(() => Confirmed) confirmed?: Confirmed;
  /** A yard document: as it was then; absent: nobody kept it. */
  @Optional() @Anything() yard?: Yard;
}

/** Something that was observed or done at a visit. */
export class EntryInFile {
  /** Counts the visit's entries as they came in. */
  @StoredVersion() number!: number;
  /** The highest number that its maker had seen. */
  @WholeNumber(0, MOST_ENTRIES) seen!: number;
  /** Who made it. */
  @Text() person = '';
  @UtcMoment() observedAt!: string;
  /** An entry of a visit. */
  @Anything() document!: unknown;
}

/** A job that was found at a visit. */
export class JobInFile {
  /** Absent: it is of the timer, its wires or what hangs on them. */
  @Optional() @WholeNumber(1, 256) station?: number;
  @ListOfWhole(1, 256) stations: number[] = [];
  @Text() fault!: string;
  @Text() note = '';
  @UtcMoment() foundAt!: string;
  @Text() foundBy = '';
  @Optional() @UtcMoment() doneAt?: string;
  @Text() doneBy = '';
  @Text() parts = '';
  @Optional() @Amount(0, 1_000_000) price?: number;
}

/** A visit with all that was done and seen. */
export class VisitInFile {
  @UtcMoment() startedAt!: string;
  @Text() startedBy = '';
  /** Absent: it goes on. */
  @Optional() @UtcMoment() endedAt?: string;
  @Text() endedBy = '';
  @NestedList(() => EntryInFile) entries: EntryInFile[] = [];
  @NestedList(() => JobInFile) jobs: JobInFile[] = [];
}

/** A photo; its pictures lie beside the file, in the same archive. */
export class PhotoInFile {
  @Uuid() id!: string;
  @UtcMoment() takenAt!: string;
  /** Who took it. */
  @Text() person = '';
  /** Where the picture lies in the archive, and the small one. */
  @Text() picture!: string;
  @Text() small!: string;
  @Nested(() => PhotoFacts) document!: PhotoFacts;
}

export class TimerInFile {
  @Uuid() id!: string;
  @Text() name!: string;
  /** A plan document: what is on the desk. */
  @Anything() settings!: Plan;
  /** A yard document. */
  @Anything() yard!: Yard;
  @NestedList(() => CopyInFile) copies: CopyInFile[] = [];
  /** The number of the copy that is believed to be in the timer. */
  @Optional() @StoredVersion() copyInTimer?: number;
  @NestedList(() => PhotoInFile) photos: PhotoInFile[] = [];
  @NestedList(() => VisitInFile) visits: VisitInFile[] = [];
  /** The timer holds a backup of its own. */
  @Optional() @Flag() hasOwnBackup?: boolean;
}

/** A whole property: who and where, its rules, its timers with their yards and saved copies. */
export class PropertyFile {
  @OneOf([PROPERTY_FORMAT]) format: typeof PROPERTY_FORMAT = PROPERTY_FORMAT;
  @Uuid() id!: string;
  @Nested(() => PropertyFacts) property!: PropertyFacts;
  /** A rule set, or null where nobody knows the rules. */
  @Anything() rules: RuleSet | null = null;
  @NestedList(() => TimerInFile) timers: TimerInFile[] = [];
}
