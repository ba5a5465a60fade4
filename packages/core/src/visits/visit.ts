import type { Care } from '../care/index.js';
import type {
  CareEntry,
  CauseEntry,
  CircuitsEntry,
  HardwareEntry,
  KeyInEntry,
  StationEntry,
  StepEntry,
  VisitEntry,
} from './entry.js';
import { VISIT_STEPS, type VisitStep } from './visit-steps.js';

/** An entry as it was made: by whom, when, and what its maker had seen. */
export interface MadeEntry {
  readonly id: string;
  /** Counts the visit's entries as they came in; null while it waits on the device. */
  readonly number: number | null;
  /** The highest number that its maker had seen. */
  readonly seen: number;
  readonly person: string;
  /** The true moment of the observation, ISO 8601 in UTC. */
  readonly observedAt: string;
  readonly entry: VisitEntry;
}

/** What holds of one subject, and what others said of it without knowing of each other. */
export interface Statement<Entry extends VisitEntry = VisitEntry> {
  readonly latest: MadeEntry & { readonly entry: Entry };
  /** Said otherwise by somebody who had not seen the latest, as its maker had not seen this. */
  readonly otherwise: readonly (MadeEntry & { readonly entry: Entry })[];
}

export interface Visit {
  readonly steps: ReadonlyMap<VisitStep, Statement<StepEntry>>;
  /** What was keyed in last at each place, by its key. */
  readonly keyedIn: ReadonlyMap<string, MadeEntry & { readonly entry: KeyInEntry }>;
  readonly stations: ReadonlyMap<number, Statement<StationEntry>>;
  /** What was cared for. */
  readonly care: ReadonlySet<Care>;
  /** How far each care is that somebody began. */
  readonly cares: ReadonlyMap<Care, Statement<CareEntry>>;
  /** What was found to be wrong with the timer. */
  readonly causes: readonly Statement<CauseEntry>[];
  /** What the last check of the circuits showed; null: there was none. */
  readonly circuits: Statement<CircuitsEntry> | null;
  /** What was found to be broken in the timer, its wires or what hangs on them. */
  readonly hardware: readonly Statement<HardwareEntry>[];
  /** Everything that two said differently. */
  readonly conflicts: readonly Statement[];
}

/** What an entry is of: of each thing the last one holds. */
export function subjectOf(entry: VisitEntry): string {
  switch (entry.kind) {
    case 'step':
      return `step ${entry.step}`;
    case 'key-in':
      return `key-in ${entry.key} ${entry.value}`;
    case 'station':
      return `station ${entry.station}`;
    case 'care':
      return `care ${entry.what}`;
    case 'cause':
      return `cause ${entry.code} ${entry.station ?? ''} ${entry.program ?? ''}`;
    case 'circuits':
      return 'circuits';
    case 'hardware':
      return `hardware ${entry.code} ${entry.stations.join(' ')}`;
  }
}

const saysSame = (a: VisitEntry, b: VisitEntry): boolean =>
  JSON.stringify(Object.entries(a).sort()) === JSON.stringify(Object.entries(b).sort());

const NOT_YET = Number.MAX_SAFE_INTEGER;

/** Whether the makers of two entries did not know of each other's. */
const isUnaware = (a: MadeEntry, b: MadeEntry): boolean =>
  a.person !== b.person && (a.number ?? NOT_YET) > b.seen && (b.number ?? NOT_YET) > a.seen;

/**
 * What a visit comes to by its entries. Of one subject the last observation holds; what somebody else
 * said of it meanwhile, not knowing, is kept beside it until an entry is made that has seen both.
 */
export function visitOf(entries: readonly MadeEntry[]): Visit {
  const bySubject = new Map<string, MadeEntry[]>();
  for (const made of entries) {
    const subject = subjectOf(made.entry);
    bySubject.set(subject, [...(bySubject.get(subject) ?? []), made]);
  }
  const statement = [...bySubject.values()].map(statementOf);
  const of = <Kind extends VisitEntry['kind']>(kind: Kind) =>
    statement.filter(({ latest }) => latest.entry.kind === kind) as Statement<
      Extract<VisitEntry, { kind: Kind }>
    >[];
  return {
    steps: new Map(of('step').map((one) => [one.latest.entry.step, one])),
    keyedIn: new Map(
      of('key-in')
        .map(({ latest }) => latest)
        .filter(({ entry }) => entry.isTicked)
        .sort(byMoment)
        .map((made) => [made.entry.key, made]),
    ),
    stations: new Map(of('station').map((one) => [one.latest.entry.station, one])),
    care: new Set(
      of('care')
        .filter(({ latest }) => latest.entry.isDone)
        .map(({ latest }) => latest.entry.what),
    ),
    cares: new Map(of('care').map((one) => [one.latest.entry.what, one])),
    causes: of('cause').filter(({ latest }) => latest.entry.isFound),
    circuits: of('circuits')[0] ?? null,
    hardware: of('hardware').filter(({ latest }) => latest.entry.isFound),
    conflicts: statement.filter(({ otherwise }) => otherwise.length > 0),
  };
}

const byMoment = (a: MadeEntry, b: MadeEntry): number =>
  a.observedAt.localeCompare(b.observedAt) || (a.number ?? NOT_YET) - (b.number ?? NOT_YET);

function statementOf(all: readonly MadeEntry[]): Statement {
  const inOrder = [...all].sort(byMoment);
  const latest = inOrder.at(-1)!;
  return {
    latest,
    otherwise: inOrder.filter(
      (other) =>
        other !== latest && isUnaware(other, latest) && !saysSame(other.entry, latest.entry),
    ),
  };
}

/** The first step that is neither done nor skipped; null when all are. */
export const nextStep = ({ steps }: Visit): VisitStep | null =>
  VISIT_STEPS.find((step) => (steps.get(step)?.latest.entry.state ?? 'open') === 'open') ?? null;
