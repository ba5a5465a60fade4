import { aboveZero, inRange } from './in-range.js';

/** How much of the reference evapotranspiration a planting uses. */
export const PLANT_FACTORS = {
  'cool turf': 0.8,
  'warm turf': 0.6,
  seed: 1,
  shrubs: 0.5,
  trees: 0.5,
  flowers: 0.8,
  vegetables: 1,
} as const;
export type Planting = keyof typeof PLANT_FACTORS;

export const EXPOSURES = { full: 1, part: 0.8, shade: 0.6 } as const;
export type Exposure = keyof typeof EXPOSURES;

/** What a planting uses on a day, mm: ETc = ET₀ × plant factor × exposure (FAO-56 eq. 58). */
export const plantUseMm = (et0Mm: number, planting: Planting, exposure: Exposure): number =>
  inRange('ET0', et0Mm, 0) * PLANT_FACTORS[planting] * EXPOSURES[exposure];

/** Rain of a day beyond this many millimetres comes to the roots, in part. */
const RAIN_LOST_MM = 2;
const RAIN_SHARE = 0.8;
/** More rain in a day than has ever been measured is a slip of the pen. */
export const MOST_RAIN_MM = 2000;

/**
 * How much of a day's rain the roots get, mm: 0.8 of what is beyond the first 2 mm, at most what
 * the soil can take.
 * @param rainMm 0 to 2,000
 * @param mostMm what the soil can take
 */
export const effectiveRainMm = (rainMm: number, mostMm: number): number =>
  Math.min(
    inRange('The room in the soil', mostMm, 0),
    RAIN_SHARE * Math.max(0, inRange('The rain', rainMm, 0, MOST_RAIN_MM) - RAIN_LOST_MM),
  );

export interface WeeklyNeed {
  /** What the roots lack, mm. */
  readonly netMm: number;
  /** What must be put down so that the dry quarter has it, mm. */
  readonly grossMm: number;
  readonly seconds: number;
}

/**
 * What a station needs in a week: net = Σ ETc − Σ effective rain, gross = net × multiplier,
 * seconds = gross ÷ rate × 3600.
 * @param usesMm what the planting uses on each day
 * @param rainsMm effective rain of each day
 * @param rate mm/h, more than 0
 * @param multiplier of the run time, 1 or more
 */
export function weeklyNeed(
  usesMm: readonly number[],
  rainsMm: readonly number[],
  rate: number,
  multiplier = 1,
): WeeklyNeed {
  const sum = (values: readonly number[]) => values.reduce((total, value) => total + value, 0);
  const netMm = Math.max(0, sum(usesMm) - sum(rainsMm));
  const grossMm = netMm * inRange('The multiplier', multiplier, 1, 2.5);
  return { netMm, grossMm, seconds: (grossMm / aboveZero('The rate', rate)) * 3600 };
}
