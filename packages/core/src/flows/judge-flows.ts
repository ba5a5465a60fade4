import { getOrMake } from '../kernel/index.js';
import { SPREAD, usualOf, type FlowRead, type UsualFlow } from './usual-flow.js';

/** `first`: there is nothing to hold it against. */
export type FlowVerdict = 'first' | 'usual' | 'high' | 'low';

export interface JudgedFlow extends FlowRead {
  readonly verdict: FlowVerdict;
  /** What was usual before it, at the pressure of its visit; null for the first. */
  readonly usual: UsualFlow | null;
}

export interface JudgedVisit {
  readonly reads: readonly JudgedFlow[];
  /** By what all stations were higher or lower than they use to be, as their pressure is; null: they were not. */
  readonly pressureRatio: number | null;
}

/** So many stations say something of the pressure. */
const FEWEST_FOR_PRESSURE = 3;
/** Of them so many go the same way. */
const MOST_OF_THEM = 0.75;
const SIGMAS = 3;
/** The median of readings is surer than one of them, and less sure than their mean. */
const OF_MEDIAN = 1.2533;

/**
 * Holds what stations took at each visit, the oldest first, against what they took before. What was pointed out does
 * not become usual by itself; from a reading that counts anew, it does.
 */
export function judgeFlows(visits: readonly (readonly FlowRead[])[]): JudgedVisit[] {
  const before = new Map<number, FlowRead[]>();
  return visits.map((reads) => {
    const pressureRatio = pressureOf(reads, before);
    const judged = reads.map((read): JudgedFlow => {
      const known = read.isNew ? [] : (before.get(read.station) ?? []);
      const usual = usualOf(known, read.stepLpm, pressureRatio ?? 1);
      return { ...read, usual, verdict: verdictOf(read, usual) };
    });
    for (const { verdict, usual: _usual, ...read } of judged) {
      if (read.isNew) before.set(read.station, []);
      if (verdict === 'high' || verdict === 'low') continue;
      // At another pressure it says nothing of what is usual.
      if (verdict === 'usual' && pressureRatio !== null) continue;
      getOrMake(before, read.station, () => []).push(read);
    }
    return { reads: judged, pressureRatio };
  });
}

function verdictOf({ lpm }: FlowRead, usual: UsualFlow | null): FlowVerdict {
  if (!usual) return 'first';
  if (lpm > usual.to) return 'high';
  return lpm < usual.from ? 'low' : 'usual';
}

/** What nearly all stations of a visit went up or down by, together. */
function pressureOf(
  reads: readonly FlowRead[],
  before: ReadonlyMap<number, readonly FlowRead[]>,
): number | null {
  const ratios = reads.flatMap(({ station, lpm, isNew, stepLpm }) => {
    const usual = isNew ? null : usualOf(before.get(station) ?? [], stepLpm);
    return usual && usual.lpm > 0 ? [lpm / usual.lpm] : [];
  });
  if (ratios.length < FEWEST_FOR_PRESSURE) return null;
  const ratio = medianOf(ratios);
  const sigma = (SPREAD * Math.SQRT2 * OF_MEDIAN) / Math.sqrt(ratios.length);
  if (Math.abs(ratio - 1) < SIGMAS * sigma) return null;
  const half = 1 + (ratio - 1) / 2;
  const alike = ratios.filter((one) => (ratio > 1 ? one > half : one < half));
  return alike.length >= MOST_OF_THEM * ratios.length ? ratio : null;
}

function medianOf(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const middle = sorted.length >> 1;
  return sorted.length % 2 === 1 ? sorted[middle]! : (sorted[middle - 1]! + sorted[middle]!) / 2;
}
