import { inRange } from './in-range.js';
import { EXPOSURES, type Exposure, type Planting } from './need.js';
import type { RatedHead } from './rate.js';
import type { SoilKind } from './soil.js';

/** Customary minutes a watering: full sun, mid-summer, 100 %. The firm edits them once. */
export const CUSTOMARY_MINUTES: Record<RatedHead, number> = {
  spray: 15,
  rotary: 50,
  rotor: 35,
  impact: 35,
  drip: 25,
  bubbler: 10,
  micro: 30,
};

/**
 * Waterings a week that go with the customary minutes, in mid-summer: our starting values, which
 * put some 24 mm a week on a lawn of cool grass. The firm edits them once.
 */
export const CUSTOMARY_WATERINGS: Record<Planting, number> = {
  'cool turf': 3,
  'warm turf': 2,
  seed: 14,
  shrubs: 1,
  trees: 1,
  flowers: 3,
  vegetables: 3,
};

/** The customary minutes for a head in its exposure; part sun 0.8, shade 0.6 of them. */
export const customaryMinutes = (
  head: RatedHead,
  exposure: Exposure,
  minutes: Readonly<Record<RatedHead, number>> = CUSTOMARY_MINUTES,
): number => minutes[head] * EXPOSURES[exposure];

const STEEP_PERCENT = 6;
export const CUSTOMARY_SOAK_SECONDS = 40 * 60;

/** Where nobody timed run-off: halves on clay and on slopes over 6 %, else in one go. */
export const customaryPieceSeconds = (
  seconds: number,
  soil: SoilKind | undefined,
  slopePercent = 0,
): number =>
  soil === 'clay' || inRange('The slope', slopePercent, 0, 200) > STEEP_PERCENT
    ? seconds / 2
    : seconds;

interface PercentGridLimits {
  readonly minPercent: number;
  readonly maxPercent: number;
  readonly stepPercent: number;
}

/**
 * A percentage for each month: its ET₀ as a share of the highest month's, at the nearest of the
 * timer's percentages; half way goes to the larger.
 * @param monthlyEt0Mm twelve, January first, one of them more than 0
 */
export function seasonPercents(
  monthlyEt0Mm: readonly number[],
  { minPercent, maxPercent, stepPercent }: PercentGridLimits,
): number[] {
  const highest = Math.max(...monthlyEt0Mm);
  if (monthlyEt0Mm.length !== 12 || !(highest > 0))
    throw new RangeError('Twelve months are needed, one of them with some evapotranspiration.');
  const steps = Math.floor((maxPercent - minPercent) / stepPercent);
  return monthlyEt0Mm.map((et0) => {
    const wanted = (100 * inRange('ET0', et0, 0)) / highest;
    const step = Math.round((wanted - minPercent) / stepPercent);
    return minPercent + Math.min(steps, Math.max(0, step)) * stepPercent;
  });
}
