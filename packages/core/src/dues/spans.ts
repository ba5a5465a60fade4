import {
  MonthDay,
  Optional,
  readObject,
  ROOT_PATH,
  WholeNumber,
  type DocumentProblem,
} from '../documents/index.js';
import { err, ok, type Result } from '../kernel/index.js';

/** Longer than anything at a timer lasts. */
const MOST_MONTHS = 120;

/** After how many months a firm does again what it does again and again; 0: it does not. */
export class Spans {
  /** The batteries that a timer runs on. */
  @WholeNumber(0, MOST_MONTHS) battery = 12;
  /** The battery that keeps the clock of a timer on the mains. */
  @WholeNumber(0, MOST_MONTHS) backupBattery = 12;
  /** The rain sensor is tried. */
  @WholeNumber(0, MOST_MONTHS) sensorTest = 12;
  /** The filter of drip, and the screen of a timer on a tap. */
  @WholeNumber(0, MOST_MONTHS) filter = 6;
  /** Somebody is there at all. */
  @WholeNumber(0, MOST_MONTHS) yearlyCheck = 12;
  /** A licensed tester tests the backflow preventer. */
  @WholeNumber(0, MOST_MONTHS) backflowTest = 0;
  /** The day of a year by which timers are shut down for the winter, `MM-DD`; absent: not by this firm. */
  @Optional() @MonthDay() winterBy?: string;
  /** The day of a year by which they are started again, `MM-DD`; absent: not by this firm. */
  @Optional() @MonthDay() springBy?: string;
}

/** Reads a firm's spans; every problem is reported at once, each with its JSON path. */
export function readSpans(document: unknown): Result<Spans, readonly DocumentProblem[]> {
  const problems: DocumentProblem[] = [];
  const spans = readObject(Spans, document, ROOT_PATH, problems);
  return problems.length === 0 ? ok(spans) : err(problems);
}
