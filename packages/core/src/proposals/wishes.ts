import {
  Flag,
  ListOfChoices,
  ListOfLabels,
  ListOfWhole,
  NestedList,
  OneOf,
  Optional,
  OptionalNested,
  readObject,
  ROOT_PATH,
  TimeOfDay,
  WholeNumber,
  type DocumentProblem,
} from '../documents/index.js';
import { needClass, type Need } from '../planner/index.js';
import { LONGEST_SECONDS } from '../timer-types/index.js';

export const WISHES_FORMAT = 'waterclock.wishes/1';

const CLEARABLE = ['maxPieceSeconds', 'minSoakSeconds'] as const;

/** What somebody typed over the target of a station; absent fields stay as the need has them. */
export class WishedTarget {
  @WholeNumber(1) station!: number;
  @OptionalNested(needClass) need?: Need;
  @Optional() @WholeNumber(1, LONGEST_SECONDS) maxPieceSeconds?: number;
  @Optional() @WholeNumber(0, LONGEST_SECONDS) minSoakSeconds?: number;
  /** Fields that were emptied: any length, or no soak. */
  @ListOfChoices(CLEARABLE) cleared: (typeof CLEARABLE)[number][] = [];
}

/** What is wanted of a plan beside the need, as it is kept on a device until the plan is made. */
export class Wishes {
  @OneOf([WISHES_FORMAT]) format: typeof WISHES_FORMAT = WISHES_FORMAT;
  /** Absent: noon. */
  @Optional() @TimeOfDay() finishBy?: string;
  @Optional() @TimeOfDay() earliestStart?: string;
  @WholeNumber(0, 1000) headroomPercent = 120;
  @Flag() usesIntervals = true;
  @Flag() isSeedByDay = true;
  /** Nothing meets the other timers of the home. */
  @Flag() leavesRoom = true;
  /** The hours of what is watered several times a day. */
  @TimeOfDay() byDayFrom!: string;
  @TimeOfDay() byDayTo!: string;
  @NestedList(() => WishedTarget) targets: WishedTarget[] = [];
  @ListOfLabels({}) keptPrograms: string[] = [];
  @ListOfWhole(1, 256) keptStations: number[] = [];
}

/** Wishes as they lie on a device; null where there are none that can be read. */
export function readWishes(document: unknown): Wishes | null {
  const problems: DocumentProblem[] = [];
  const wishes = readObject(Wishes, document, ROOT_PATH, problems);
  return problems.length === 0 ? wishes : null;
}
