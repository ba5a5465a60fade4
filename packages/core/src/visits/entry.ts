import {
  Amount,
  CivilDay,
  Flag,
  ListOfChoices,
  ListOfTexts,
  ListOfWhole,
  Nested,
  NestedList,
  OneOf,
  Optional,
  readObject,
  ROOT_PATH,
  Text,
  WholeNumber,
  type DocumentProblem,
} from '../documents/index.js';
import { CARES, type Care } from '../care/index.js';
import { Seen, seenProblems } from '../diagnosis/index.js';
import {
  CIRCUITS,
  FAULT_CODES,
  HARDWARE_CODES,
  LAMPS,
  type Circuit,
  type FaultCode,
  type HardwareCode,
  type Lamp,
} from '../faults/index.js';
import { err, ok, type Result, fieldOf, keysOf } from '../kernel/index.js';
import { LONGEST_SECONDS } from '../timer-types/index.js';
import { STATION_FAULTS, type StationFault } from './station-faults.js';
import { VISIT_STEPS, type VisitStep } from './visit-steps.js';

/** More than any timer has. */
const MOST_STATIONS = 256;

export const STEP_STATES = ['open', 'done', 'skipped'] as const;
export type StepState = (typeof STEP_STATES)[number];

/** A step is done, skipped for a reason, or open again. */
export class StepEntry {
  @OneOf(['step']) kind = 'step' as const;
  @OneOf(VISIT_STEPS) step!: VisitStep;
  @OneOf(STEP_STATES) state!: StepState;
  @Optional() @Text() reason?: string;
}

/** A value is keyed in, or is to be keyed in after all. */
export class KeyInEntry {
  @OneOf(['key-in']) kind = 'key-in' as const;
  /** The key of the place; with its value, so that a changed value is open again. */
  @Text() key!: string;
  @Text() value!: string;
  @Flag() isTicked!: boolean;
}

/** A station was seen running, or measured. */
export class StationEntry {
  @OneOf(['station']) kind = 'station' as const;
  @WholeNumber(1, MOST_STATIONS) station!: number;
  /** None: it is fine. */
  @ListOfChoices(STATION_FAULTS) faults: StationFault[] = [];
  @Text() note = '';
  /** Beyond what the meter can show: 1e9. */
  @Optional() @Amount(0, 1e9) ohms?: number;
  @Optional() @Amount(0, 1000) amps?: number;
  @Optional() @WholeNumber(1, LONGEST_SECONDS) runoffSeconds?: number;
  /** What it took while it ran and nobody else drew water, in litres a minute. */
  @Optional() @Amount(0, 10_000) flowLpm?: number;
  /** How coarse that is, in litres a minute. */
  @Optional() @Amount(0, 1000) flowStepLpm?: number;
  /** Something was changed before it was read: from here on it counts anew. */
  @Optional() @Flag() isFlowNew?: boolean;
  @Optional() @Amount(0, 2000) pressureKpa?: number;
}

/** Something was cared for, and falls due again; or it is under way. */
export class CareEntry {
  @OneOf(['care']) kind = 'care' as const;
  @OneOf(CARES) what!: Care;
  @Flag() isDone!: boolean;
  /** What of its checklist is done, by the ids of the steps. */
  @Optional() @ListOfTexts() steps?: string[];
  @Optional() @Text() note?: string;
  /** Who tested it. */
  @Optional() @Text() tester?: string;
  /** When it was tested; absent: at this visit. */
  @Optional() @CivilDay() testedOn?: string;
  /** When it is to be tested again; absent: after the firm's months. */
  @Optional() @CivilDay() nextOn?: string;
  @Optional() @Amount(0, 2000) pressureKpa?: number;
}

/** What was wrong with the timer was found, or it was not that after all. */
export class CauseEntry {
  @OneOf(['cause']) kind = 'cause' as const;
  @OneOf(FAULT_CODES) code!: FaultCode;
  /** Of which station or program it is, where it is of one. */
  @Optional() @WholeNumber(1, MOST_STATIONS) station?: number;
  @Optional() @Text() program?: string;
  /** What happens, in words. */
  @Text() says!: string;
  @Flag() isFound!: boolean;
  /** What was seen, by which it was found. */
  @Nested(() => Seen) seen!: Seen;
}

/** What a check of a station's circuit showed. */
export class CircuitAt {
  @WholeNumber(1, MOST_STATIONS) station!: number;
  @OneOf(CIRCUITS) circuit!: Circuit;
}

/** The circuits were checked in one pass, and what the timer says itself; it takes the place of a check before. */
export class CircuitsEntry {
  @OneOf(['circuits']) kind = 'circuits' as const;
  @NestedList(() => CircuitAt) circuits: CircuitAt[] = [];
  /** Of the pump relay or the master valve. */
  @Optional() @OneOf(CIRCUITS) pump?: Circuit;
  @OneOf(LAMPS) lamp: Lamp = 'none';
}

/** Something of the timer, its wires or what hangs on them is broken, or it was not that after all. */
export class HardwareEntry {
  @OneOf(['hardware']) kind = 'hardware' as const;
  @OneOf(HARDWARE_CODES) code!: HardwareCode;
  /** Which stay shut by it; none: it is of the timer as a whole. */
  @ListOfWhole(1, MOST_STATIONS) stations: number[] = [];
  @Text() note = '';
  @Flag() isFound!: boolean;
}

export type VisitEntry =
  StepEntry | KeyInEntry | StationEntry | CareEntry | CauseEntry | CircuitsEntry | HardwareEntry;

const ENTRIES = {
  step: StepEntry,
  'key-in': KeyInEntry,
  station: StationEntry,
  care: CareEntry,
  cause: CauseEntry,
  circuits: CircuitsEntry,
  hardware: HardwareEntry,
};

export const VISIT_ENTRIES = Object.values(ENTRIES);

/** Reads what was observed or done; every fault at once, by its path. */
export function readEntry(document: unknown): Result<VisitEntry, readonly DocumentProblem[]> {
  const kind = keysOf(ENTRIES).find((one) => one === fieldOf(document, 'kind'));
  if (kind === undefined)
    return err([{ path: 'kind', message: `must be one of ${keysOf(ENTRIES).join(', ')}` }]);
  const problems: DocumentProblem[] = [];
  const entry: VisitEntry = readObject<VisitEntry>(ENTRIES[kind], document, ROOT_PATH, problems);
  if (entry.kind === 'step' && entry.state === 'skipped' && !entry.reason?.trim())
    problems.push({ path: 'reason', message: 'is required: why is the step left out?' });
  if (entry.kind === 'cause' && problems.length === 0)
    problems.push(
      ...seenProblems(entry.seen).map(({ path, message }) => ({ path: `seen.${path}`, message })),
    );
  return problems.length === 0 ? ok(entry) : err(problems);
}
