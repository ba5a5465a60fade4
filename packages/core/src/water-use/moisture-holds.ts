import { waterBalance } from '../agronomy/index.js';
import type { Yard } from '../yards/index.js';
import type { StationSeason } from './season-balance.js';

/** What a moisture sensor would have held back in a season, by the balance at the roots; nobody knows what it truly read. */
export interface MoistureHold {
  readonly number: number;
  readonly serial: string;
  /** The station in whose ground the sensor is. */
  readonly sensorStation: number;
  readonly holdsFromPercent: number;
  /** Days on which the settings water it. */
  readonly wateringDays: number;
  /** Those of them on which the sensor would have held it. */
  readonly heldDays: number;
  /** Days on which plants would have suffered, with the sensor. */
  readonly stressedDays: number;
}

/** Stations with a moisture sensor of which it is known from what on it holds, and those that heed it. */
export function moistureHolds(
  stations: readonly StationSeason[],
  rainMm: readonly number[],
  yard: Yard,
): MoistureHold[] {
  const seasonOf = new Map(stations.map((season) => [season.number, season]));
  return yard.stations.flatMap(({ number, moistureSensor }) => {
    const own = seasonOf.get(number);
    if (!own || moistureSensor?.holdsFromPercent === undefined) return [];
    const { serial, holdsFromPercent } = moistureSensor;
    const wet = wetMornings(own, rainMm, holdsFromPercent);
    const followers = yard.stations.filter(
      ({ follows, followsFor }) => follows === number && followsFor === 'sensor',
    );
    const heeding = [own, ...followers.flatMap((one) => seasonOf.get(one.number) ?? [])];
    return heeding.map((season) => ({
      ...{ number: season.number, serial, sensorStation: number, holdsFromPercent },
      ...heldBy(season, rainMm, wet),
    }));
  });
}

/** On which mornings the sensor's ground has so much that it holds; it holds its own station too. */
function wetMornings(
  season: StationSeason,
  rainMm: readonly number[],
  holdsFromPercent: number,
): boolean[] {
  const { rootZoneMm } = season;
  let depletionMm = 0;
  return season.use.map((_, day) => {
    const isWet = 100 * (1 - depletionMm / rootZoneMm) >= holdsFromPercent;
    const [evening] = balanceOf(season, rainMm, [isWet ? 0 : season.gross[day]!], day, depletionMm);
    depletionMm = evening!.depletionMm;
    return isWet;
  });
}

function heldBy(season: StationSeason, rainMm: readonly number[], wet: readonly boolean[]) {
  const gross = season.gross.map((mm, day) => (wet[day] ? 0 : mm));
  const isWatered = (day: number) => season.gross[day]! > 0;
  const days = season.gross.map((_, day) => day).filter(isWatered);
  return {
    wateringDays: days.length,
    heldDays: days.filter((day) => wet[day]).length,
    stressedDays: balanceOf(season, rainMm, gross, 0, 0).filter(({ isStressed }) => isStressed)
      .length,
  };
}

/** The balance of some days with other watering than the settings give, from a day on. */
const balanceOf = (
  { use, rootZoneMm, readilyAvailableMm, facts }: StationSeason,
  rainMm: readonly number[],
  gross: readonly number[],
  from: number,
  startMm: number,
) =>
  waterBalance(
    gross.map((grossMm, index) => ({
      useMm: use[from + index]!,
      rainMm: rainMm[from + index]!,
      grossMm,
    })),
    { rootZoneMm, readilyAvailableMm, runTimeMultiplier: facts.rate.multiplier },
    startMm,
  );
