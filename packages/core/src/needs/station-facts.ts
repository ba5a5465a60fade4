import {
  catchTest,
  HEAD_RATES_MM_PER_HOUR,
  rateMmPerHour,
  type Exposure,
  type Planting,
  type SoilKind,
} from '../agronomy/index.js';
import type { YardStation } from '../yards/index.js';

/** A fact, and whether the yard says it or it is taken until somebody looks. */
export interface Fact<Value> {
  readonly value: Value;
  readonly isAssumed: boolean;
}

/** How fast a station puts water down, and how that is known. */
export type StationRate =
  | {
      readonly from: 'catch-test';
      readonly mmPerHour: number;
      readonly uniformity: number;
      readonly multiplier: number;
    }
  | { readonly from: 'flow-and-area' | 'head'; readonly mmPerHour: number; readonly multiplier: 1 };

/** All that bears on how much a station needs. */
export interface StationFacts {
  readonly planting: Fact<Planting>;
  readonly exposure: Fact<Exposure>;
  readonly soil: Fact<SoilKind>;
  readonly slopePercent: Fact<number>;
  /** Null: no catch test, no flow with an area, no head. */
  readonly rate: StationRate | null;
}

const fact = <Value>(known: Value | undefined, assumed: Value): Fact<Value> => ({
  value: known ?? assumed,
  isAssumed: known === undefined,
});

/**
 * What is known of a station, with what is taken where nobody has looked: cool turf, full sun,
 * loam, level. The rate is that of a catch test, else flow over area, else customary for its head.
 */
export function stationFacts(station: YardStation): StationFacts {
  const { plant, sun, soil, slopePercent } = station;
  return {
    planting: fact(plant === 'turf' ? undefined : plant, 'cool turf'),
    exposure: fact(sun, 'full'),
    soil: fact(soil, 'loam'),
    slopePercent: fact(slopePercent, 0),
    rate: rateOf(station),
  };
}

function rateOf({
  catchTest: cups,
  flowLpm,
  areaSquareMetres,
  head,
}: YardStation): StationRate | null {
  // Cups that are all dry tell nothing: the station was not on.
  if (cups?.millilitres.some((ml) => ml > 0)) {
    const { rateMmPerHour: mmPerHour, uniformity, runTimeMultiplier } = catchTest(cups);
    return { from: 'catch-test', mmPerHour, uniformity, multiplier: runTimeMultiplier };
  }
  if (flowLpm && areaSquareMetres)
    return {
      from: 'flow-and-area',
      mmPerHour: rateMmPerHour(flowLpm, areaSquareMetres),
      multiplier: 1,
    };
  return head ? { from: 'head', mmPerHour: HEAD_RATES_MM_PER_HOUR[head], multiplier: 1 } : null;
}
