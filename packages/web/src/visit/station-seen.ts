import { fieldOf } from '@water-clock/core/kernel';
import { STATION_FAULTS, type StationEntry, type StationFault } from '@water-clock/core/visits';
import type { Quantity } from '../format/quantities';
import { shownAmount } from '../format/quantities';
import { readAmount } from '../measure/read-amount';

export interface MeterReading {
  readonly unit: 'ohms' | 'amps';
  readonly text: string;
}

/** A flow as it is typed: itself, or by two readings of the meter and the minutes between them. */
export interface FlowTyped {
  readonly way: 'flow' | 'meter';
  readonly flow: string;
  readonly before: string;
  readonly after: string;
  readonly minutes: string;
  /** Something was changed: it counts anew from here on. */
  readonly isNew: boolean;
}

/** What somebody enters of a station, until it is kept in the visit. */
export interface Seen {
  readonly faults: readonly StationFault[];
  readonly note: string;
  readonly reading: MeterReading;
  readonly flow: FlowTyped;
  readonly pressure: string;
  readonly runoffSeconds?: number;
}

const NO_FLOW: FlowTyped = {
  ...{ way: 'flow', flow: '', before: '', after: '', minutes: '', isNew: false },
};

const NOTHING: Seen = {
  ...{ faults: [], note: '', reading: { unit: 'ohms', text: '' }, flow: NO_FLOW, pressure: '' },
};

/** What was kept of a station, to be entered over. */
export function seenBefore(
  entry: StationEntry | undefined,
  flow: Quantity,
  pressure: Quantity,
): Seen {
  if (!entry) return NOTHING;
  const { faults, note, flowLpm, isFlowNew = false, pressureKpa, runoffSeconds } = entry;
  const shown = (si: number | undefined, unit: Quantity) =>
    si === undefined ? '' : shownAmount(si, unit);
  return {
    ...{ faults, note, reading: readingOf(entry), pressure: shown(pressureKpa, pressure) },
    flow: { ...NO_FLOW, flow: shown(flowLpm, flow), isNew: isFlowNew },
    ...(runoffSeconds !== undefined && { runoffSeconds }),
  };
}

const readingOf = ({ ohms, amps }: StationEntry): MeterReading =>
  amps === undefined
    ? { unit: 'ohms', text: String(ohms ?? '') }
    : { unit: 'amps', text: String(amps) };

/** The same, as it lies on the device; null where it cannot be read. */
export function seenIn(kept: unknown): Seen | null {
  const [faults, note, runoffSeconds] = ['faults', 'note', 'runoffSeconds'].map((name) =>
    fieldOf(kept, name),
  );
  const [unit, text] = ['unit', 'text'].map((name) => fieldOf(fieldOf(kept, 'reading'), name));
  if (!Array.isArray(faults) || typeof note !== 'string' || typeof text !== 'string') return null;
  return {
    faults: STATION_FAULTS.filter((fault) => faults.includes(fault)),
    note,
    reading: { unit: unit === 'amps' ? 'amps' : 'ohms', text },
    flow: flowIn(fieldOf(kept, 'flow')),
    pressure: textIn(kept, 'pressure'),
    ...(typeof runoffSeconds === 'number' && { runoffSeconds }),
  };
}

const textIn = (kept: unknown, name: string): string => {
  const text = fieldOf(kept, name);
  return typeof text === 'string' ? text : '';
};

const flowIn = (kept: unknown): FlowTyped => ({
  way: fieldOf(kept, 'way') === 'meter' ? 'meter' : 'flow',
  ...{ flow: textIn(kept, 'flow'), before: textIn(kept, 'before') },
  ...{ after: textIn(kept, 'after'), minutes: textIn(kept, 'minutes') },
  isNew: fieldOf(kept, 'isNew') === true,
});

/** A flow that was read: in litres a minute, and how coarse it is. */
export interface FlowOf {
  readonly lpm: number;
  readonly stepLpm: number;
}

const FLOW = { least: 0, most: 10_000 };
const MINUTES = { least: 0, isAbove: true, most: 120 };
const COUNTED = { least: 0, most: 1e12 };
/** A flow that is read off somewhere has one digit after the point at best. */
const READ_STEP_LPM = 0.5;

/** What was typed of a flow: null for nothing, a sentence where it cannot be read. */
export function flowOf(
  { way, flow, before, after, minutes }: FlowTyped,
  flowUnit: Quantity,
  volume: Quantity,
): FlowOf | null | string {
  if (way === 'flow') {
    const read = readAmount(flow, FLOW, flowUnit);
    return typeof read === 'number' ? { lpm: read, stepLpm: READ_STEP_LPM } : read;
  }
  const reads = [
    readAmount(before, COUNTED, volume),
    readAmount(after, COUNTED, volume),
    readAmount(minutes, MINUTES),
  ];
  const fault = reads.find((read) => typeof read === 'string');
  if (fault !== undefined) return fault;
  const [from, to, between] = reads.filter((read) => typeof read === 'number');
  if (before.trim() === '' && after.trim() === '') return null;
  if (from === undefined || to === undefined || between === undefined)
    return 'Both readings of the meter, and the minutes between them.';
  if (to < from) return 'The second reading is below the first: look again.';
  return { lpm: (to - from) / between, stepLpm: volume.inSi / between };
}
