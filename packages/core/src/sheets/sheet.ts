import {
  CivilDay,
  ListOfTexts,
  NestedList,
  OneOf,
  Optional,
  readObject,
  ROOT_PATH,
  Text,
  WholeNumber,
  type DocumentProblem,
} from '../documents/index.js';
import { HOUSEHOLD_LANGUAGES, type HouseholdLanguage } from '../property-file/index.js';
import { err, fieldOf, ok, type Result } from '../kernel/index.js';

export const SHEET_FORMAT = 'waterclock.sheet/1';

const MINUTES_OF_A_DAY = 1440;

export class SheetStation {
  @WholeNumber(1, 256) number!: number;
  @Text() name = '';
  /** When it waters, a sentence each program; none: it does not. */
  @Text() waters = '';
  /** How much in a week, with its unit. */
  @Optional() @Text() water?: string;
}

/** A run, or its part, within one date. */
export class SheetBar {
  @Text() program!: string;
  /** Minutes of the day. */
  @WholeNumber(0, MINUTES_OF_A_DAY) from!: number;
  @WholeNumber(0, MINUTES_OF_A_DAY) to!: number;
}

export class SheetDay {
  @CivilDay() date!: string;
  @NestedList(() => SheetBar) bars: SheetBar[] = [];
}

/** Something to be done to the timer, and when. */
export class SheetDue {
  @CivilDay() on!: string;
  @Text() what!: string;
}

/** What is left at the door, in words: all that a household needs, and nothing else. */
export class Sheet {
  @OneOf([SHEET_FORMAT]) format: typeof SHEET_FORMAT = SHEET_FORMAT;
  /** Absent in those that were left before there was more than one. */
  @Optional() @OneOf(HOUSEHOLD_LANGUAGES) language?: HouseholdLanguage;
  @CivilDay() madeOn!: string;
  @Text() property!: string;
  @Text() timer!: string;
  @Text() firm!: string;
  /** Whom to phone. */
  @Text() phone = '';
  /** The season percentage, in words. */
  @Text() season = '';
  @OneOf(['24', '12']) clock: '24' | '12' = '24';
  @NestedList(() => SheetStation) stations: SheetStation[] = [];
  /** What keeps it from watering as it is set, and what is not certain; a sentence each. */
  @Optional() @ListOfTexts() notes?: string[];
  /** The rules that hold at the home, a sentence each. */
  @Optional() @ListOfTexts() rules?: string[];
  /** Seven dates, as they will be watered. */
  @NestedList(() => SheetDay) week: SheetDay[] = [];
  @Text() pauseForRain = '';
  @Text() runOneStation = '';
  @NestedList(() => SheetDue) due: SheetDue[] = [];
}

/** The most that a list of a sheet may have: a timer has no more stations, and a sheet no more nights or dates. */
const LONGEST = [
  ['stations', 256],
  ['week', 31],
  ['due', 100],
  ['notes', 100],
  ['rules', 100],
] as const;

/** Reads a sheet; every fault of it at once, by its path. */
export function readSheet(document: unknown): Result<Sheet, readonly DocumentProblem[]> {
  // What nobody could hang up is not looked at piece by piece.
  const problems: DocumentProblem[] = LONGEST.filter(([field, most]) => {
    const list = fieldOf(document, field);
    return Array.isArray(list) && list.length > most;
  }).map(([path, most]) => ({ path, message: `must have at most ${most} entries` }));
  if (problems.length > 0) return err(problems);
  const sheet = readObject(Sheet, document, ROOT_PATH, problems);
  return problems.length === 0 ? ok(sheet) : err(problems);
}
