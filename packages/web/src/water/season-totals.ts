import type { StationSeason } from '@water-clock/core/water-use';
import type { BalanceOfCopy } from '@water-clock/core/water-use';

/** A station's season in a few numbers; depths are mm. */
export interface StationTotals {
  readonly number: number;
  readonly neededMm: number;
  readonly appliedMm: number;
  readonly drainageMm: number;
  readonly stressDays: number;
  /** Null where neither flow nor area is known. */
  readonly litres: number | null;
}

const sum = (values: readonly number[]): number => values.reduce((total, one) => total + one, 0);

const litresOf = ({ months }: StationSeason): number | null =>
  months.some(({ litres }) => litres === null) ? null : sum(months.map(({ litres }) => litres!));

export const stationTotals = ({ stations, neededMm }: BalanceOfCopy): StationTotals[] =>
  stations.map((station, index) => ({
    number: station.number,
    neededMm: neededMm[index]!,
    appliedMm: sum(station.gross),
    drainageMm: sum(station.drainage),
    stressDays: station.stressed.filter(Boolean).length,
    litres: litresOf(station),
  }));

export interface MonthTotals {
  readonly year: number;
  /** 1 to 12. */
  readonly month: number;
  /** Of the stations whose litres are known. */
  readonly litres: number;
}

/** Litres of all stations together, by the month. */
export function monthTotals({ stations }: BalanceOfCopy): MonthTotals[] {
  const known = stations.filter((station) => litresOf(station) !== null);
  return (stations[0]?.months ?? []).map(({ year, month }, index) => ({
    year,
    month,
    litres: sum(known.map(({ months }) => months[index]!.litres!)),
  }));
}

/** Stations whose litres nobody knows. */
export const withoutLitres = ({ stations }: BalanceOfCopy): number[] =>
  stations.filter((station) => litresOf(station) === null).map(({ number }) => number);

const LITRES_A_CUBIC_METRE = 1000;

/** What litres cost at a price of a cubic metre. */
export const costOf = (litres: number, pricePerCubicMetre: number): number =>
  (litres / LITRES_A_CUBIC_METRE) * pricePerCubicMetre;
