/** What a station took at a visit. */
export interface FlowRead {
  readonly station: number;
  /** Litres a minute. */
  readonly lpm: number;
  /** How coarse the reading is, in litres a minute: half of it either way may be rounding. */
  readonly stepLpm: number;
  /** Something was changed at the station before it: from here on it counts anew. */
  readonly isNew: boolean;
}

/** What a station takes as a rule, in litres a minute, and between what a reading of it lies. */
export interface UsualFlow {
  readonly lpm: number;
  readonly from: number;
  readonly to: number;
  /** By so many readings. */
  readonly of: number;
}

/** Readings of the same thing spread by so much of it, one sigma. */
export const SPREAD = 0.03;
/** So many sigmas off is not chance: of a hundred readings one lies beyond. */
const SIGMAS = 2.6;
/** The variance of what is rounded to steps of one. */
const ROUNDING_VARIANCE = 1 / 12;

/** What is usual for a station by what it took, times `ratio`; null where it was never read. */
export function usualOf(before: readonly FlowRead[], stepLpm: number, ratio = 1): UsualFlow | null {
  if (before.length === 0) return null;
  const mean = before.reduce((sum, { lpm }) => sum + lpm, 0) / before.length;
  const lpm = mean * ratio;
  const rounding = (step: number) => step * step * ROUNDING_VARIANCE;
  const ofMean =
    before.reduce((sum, read) => sum + (SPREAD * mean) ** 2 + rounding(read.stepLpm), 0) /
    before.length ** 2;
  const sigma = Math.sqrt(ofMean * ratio * ratio + (SPREAD * lpm) ** 2 + rounding(stepLpm));
  const off = SIGMAS * sigma;
  return { lpm, from: Math.max(0, lpm - off), to: lpm + off, of: before.length };
}
