import { aboveZero, inRange } from './in-range.js';

export interface CatchTest {
  /** What the cups caught, mL, at least one cup. */
  readonly millilitres: readonly number[];
  /** The mouth of a cup. */
  readonly mouthSquareCentimetres: number;
  /** How long the station was on. */
  readonly minutes: number;
}

export interface CatchResult {
  readonly rateMmPerHour: number;
  /** Distribution uniformity of the low quarter, 0 to 1. */
  readonly uniformity: number;
  /** By how much longer the station runs so that the dry quarter has enough. */
  readonly runTimeMultiplier: number;
}

const MM_PER_ML_AND_CM2 = 10;

/** The depth in a cup, mm: 1 mL over 1 cm² stands 10 mm deep. */
export const cupDepthMm = (millilitres: number, mouthSquareCentimetres: number): number =>
  (MM_PER_ML_AND_CM2 * inRange('The water in a cup', millilitres, 0)) /
  aboveZero('The mouth of a cup', mouthSquareCentimetres);

const mean = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / values.length;

/**
 * The driest quarter of the cups, by their places from 0, the driest first: n/4 rounded half up, at
 * least one cup. Of cups that caught the same, the earlier.
 */
export function driestQuarter(depths: readonly number[]): number[] {
  const quarter = Math.max(1, Math.floor(depths.length / 4 + 0.5));
  const places = depths.map((_, place) => place);
  return places.sort((a, b) => depths[a]! - depths[b]! || a - b).slice(0, quarter);
}

/**
 * Mean of the lowest quarter of the cups over the mean of all. The customary low-quarter distribution uniformity of irrigation audits.
 * @throws RangeError without cups, or where none caught anything
 */
export function lowQuarterUniformity(depths: readonly number[]): number {
  const all = aboveZero('The mean of the cups', mean(depths));
  return mean(driestQuarter(depths).map((place) => depths[place]!)) / all;
}

/** 1 ÷ (0.4 + 0.6 × DU): between watering by the mean and by the driest quarter. */
export const runTimeMultiplier = (uniformity: number): number =>
  1 / (0.4 + 0.6 * inRange('The uniformity', uniformity, 0, 1));

/**
 * What a catch test tells of a station.
 * @throws RangeError for negative water, an empty mouth, no minutes, or dry cups alone
 */
export function catchTest(test: CatchTest): CatchResult {
  const depths = test.millilitres.map((ml) => cupDepthMm(ml, test.mouthSquareCentimetres));
  const uniformity = lowQuarterUniformity(depths);
  return {
    rateMmPerHour: (mean(depths) * 60) / aboveZero('The minutes', test.minutes),
    uniformity,
    runTimeMultiplier: runTimeMultiplier(uniformity),
  };
}
