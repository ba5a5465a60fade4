import { effectiveRainMm } from './need.js';
import { inRange } from './in-range.js';

/** One day at the roots of one station. */
export interface BalanceDay {
  /** What the plants use, mm. */
  readonly useMm: number;
  readonly rainMm: number;
  /** What was watered, mm, as it came out of the heads. */
  readonly grossMm: number;
}

export interface BalanceResult {
  /** What the root zone lacks in the evening, mm. */
  readonly depletionMm: number;
  readonly effectiveRainMm: number;
  /** What ran through to below the roots, mm. */
  readonly drainageMm: number;
  readonly isStressed: boolean;
}

interface RootZone {
  readonly rootZoneMm: number;
  readonly readilyAvailableMm: number;
  /** Gross ÷ multiplier is what counts at the roots. */
  readonly runTimeMultiplier: number;
}

/**
 * The root zone day by day (FAO-56 eq. 85, without capillary rise): depletion + use − effective
 * rain − net watering, held between 0 and what the root zone can hold. What falls below 0 drains.
 * @param startMm the depletion of the evening before the first day
 */
export function waterBalance(
  days: readonly BalanceDay[],
  { rootZoneMm, readilyAvailableMm, runTimeMultiplier }: RootZone,
  startMm = 0,
): BalanceResult[] {
  let depletion = inRange('The depletion', startMm, 0, rootZoneMm);
  return days.map(({ useMm, rainMm, grossMm }) => {
    const rain = effectiveRainMm(rainMm, depletion + inRange('The use', useMm, 0));
    const after =
      depletion + useMm - rain - inRange('The watering', grossMm, 0) / runTimeMultiplier;
    depletion = Math.min(rootZoneMm, Math.max(0, after));
    return {
      depletionMm: depletion,
      effectiveRainMm: rain,
      drainageMm: Math.max(0, -after),
      isStressed: depletion > readilyAvailableMm,
    };
  });
}
