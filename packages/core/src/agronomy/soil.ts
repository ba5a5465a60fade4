import { aboveZero, inRange } from './in-range.js';
import type { Planting } from './need.js';

interface SoilFacts {
  /** Water that roots can take, mm per metre of root. */
  readonly availableMmPerMetre: number;
  /** What the ground takes in once it is wet, mm/h. */
  readonly intakeMmPerHour: number;
  /** What stands on the ground before it runs off, mm, by slope up to 3, 6, 12 and over, percent. */
  readonly storeMm: readonly [number, number, number, number];
}

/** Customary values; a technician edits them for the site. */
export const SOIL_FACTS = {
  clay: { availableMmPerMetre: 170, intakeMmPerHour: 2.5, storeMm: [5, 4, 3, 2.5] },
  'silty clay': { availableMmPerMetre: 170, intakeMmPerHour: 4, storeMm: [6, 5, 4, 3] },
  'clay loam': { availableMmPerMetre: 180, intakeMmPerHour: 5, storeMm: [6.5, 5.5, 4.5, 4] },
  loam: { availableMmPerMetre: 170, intakeMmPerHour: 9, storeMm: [7.5, 6.5, 5.5, 5] },
  'sandy loam': { availableMmPerMetre: 120, intakeMmPerHour: 10, storeMm: [8.5, 7.5, 6.5, 6] },
  'loamy sand': { availableMmPerMetre: 80, intakeMmPerHour: 13, storeMm: [9, 8.5, 7.5, 6.5] },
  sand: { availableMmPerMetre: 60, intakeMmPerHour: 15, storeMm: [10, 9, 8, 7] },
} as const satisfies Record<string, SoilFacts>;
export type SoilKind = keyof typeof SOIL_FACTS;

export const ROOT_METRES: Record<Planting, number> = {
  'cool turf': 0.15,
  'warm turf': 0.3,
  seed: 0.05,
  shrubs: 0.45,
  trees: 0.75,
  flowers: 0.25,
  vegetables: 0.3,
};

const SEED_DEPLETION = 0.2;
const DEPLETION = 0.5;

/** All the water that the root zone can hold for the plants, mm. */
export const rootZoneMm = (soil: SoilKind, planting: Planting): number =>
  SOIL_FACTS[soil].availableMmPerMetre * ROOT_METRES[planting];

/** What may be used of it before the plants suffer, mm (FAO-56 eq. 83). */
export const readilyAvailableMm = (soil: SoilKind, planting: Planting): number =>
  rootZoneMm(soil, planting) * (planting === 'seed' ? SEED_DEPLETION : DEPLETION);

/** The most days between two waterings, 1 or more: RAW ÷ daily use, rounded down. */
export const longestIntervalDays = (readilyMm: number, dailyUseMm: number): number =>
  Math.max(1, Math.floor(readilyMm / aboveZero('The daily use', dailyUseMm)));

const SLOPE_BOUNDS = [3, 6, 12] as const;

/** What stands on the ground before it runs off, mm. */
export function surfaceStoreMm(soil: SoilKind, slopePercent: number): number {
  inRange('The slope', slopePercent, 0, 200);
  const found = SLOPE_BOUNDS.findIndex((bound) => slopePercent <= bound);
  const { storeMm } = SOIL_FACTS[soil];
  return storeMm[found < 0 ? SLOPE_BOUNDS.length : found]!;
}

/**
 * The longest time on in one go, seconds: store ÷ (rate − intake); null where the ground takes
 * water as fast as it comes.
 */
export function longestPieceSeconds(
  soil: SoilKind,
  slopePercent: number,
  rateMmPerHour: number,
): number | null {
  const beyond = aboveZero('The rate', rateMmPerHour) - SOIL_FACTS[soil].intakeMmPerHour;
  return beyond <= 0 ? null : (surfaceStoreMm(soil, slopePercent) / beyond) * 3600;
}

const SOAK_STEP_SECONDS = 300;

/** The least wait between two pieces, seconds: store ÷ intake, rounded up to 5 minutes. */
export const soakSeconds = (soil: SoilKind, slopePercent: number): number => {
  const seconds = (surfaceStoreMm(soil, slopePercent) / SOIL_FACTS[soil].intakeMmPerHour) * 3600;
  // A hair above a whole step is the arithmetic's, not the soil's.
  return Math.ceil(seconds / SOAK_STEP_SECONDS - 1e-9) * SOAK_STEP_SECONDS;
};

/** Into how many pieces a time is cut; the last may be short. */
export const piecesOf = (seconds: number, longestSeconds: number | null): number =>
  longestSeconds === null
    ? 1
    : Math.max(
        1,
        Math.ceil(inRange('The time', seconds, 0) / aboveZero('A piece', longestSeconds)),
      );
