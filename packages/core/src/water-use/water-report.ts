import { effectiveRainMm } from '../agronomy/index.js';
import { addDays, formatDate } from '../civil-time/index.js';
import type { Plan } from '../settings/index.js';
import { weatherOn, type WeatherFile } from '../weather/index.js';
import type { Yard } from '../yards/index.js';
import { seasonBalance, type Season, type StationSeason } from './season-balance.js';

/** What settings put down on each station over some dates, and what it needs. Depths are mm. */
export interface WaterReport {
  readonly from: string;
  readonly days: number;
  /** The name of the weather; null: none was given, so nobody knows what is needed. */
  readonly weather: string | null;
  readonly stations: readonly {
    readonly station: number;
    readonly rateMmPerHour: number;
    readonly rateFrom: 'catch-test' | 'flow-and-area' | 'head';
    readonly seconds: number;
    readonly appliedMm: number;
    /** Σ use − Σ effective rain, at least 0, × the run-time multiplier. */
    readonly neededMm: number | null;
    readonly drainageMm: number | null;
    readonly stressDays: number | null;
    readonly litres: number | null;
  }[];
  /** Stations of which nobody knows how fast they put water down. */
  readonly withoutRate: readonly number[];
  readonly daysWithoutWeather: number | null;
}

export function waterReport(
  plan: Plan,
  yard: Yard,
  weather: WeatherFile | null,
  season: Season,
): WaterReport {
  const on = weather ? weatherOn(weather) : () => null;
  const balance = seasonBalance(plan, yard, on, season);
  const rains = Array.from(
    { length: season.days },
    (_, index) => on(addDays(season.from, index))?.rainMm ?? 0,
  );
  return {
    from: formatDate(season.from),
    days: season.days,
    weather: weather?.name ?? null,
    stations: balance.stations.map((station) => {
      const { number, facts, seconds, gross, drainage, stressed, months } = station;
      const { rate } = facts;
      return {
        station: number,
        rateMmPerHour: hundredths(rate.mmPerHour),
        rateFrom: rate.from,
        seconds,
        appliedMm: hundredths(sum(gross)),
        neededMm: weather && hundredths(neededMm(station, rains)),
        drainageMm: weather && hundredths(sum(drainage)),
        stressDays: weather && stressed.filter(Boolean).length,
        litres: months.some(({ litres }) => litres === null)
          ? null
          : hundredths(sum(months.map(({ litres }) => litres!))),
      };
    }),
    withoutRate: balance.withoutRate,
    daysWithoutWeather: weather && balance.daysWithoutWeather,
  };
}

/** What a season needs, mm as it comes out of the heads, whatever was watered. */
export function neededMm(
  { use, facts, rootZoneMm }: StationSeason,
  rainsMm: readonly number[],
): number {
  const rain = sum(rainsMm.map((mm) => effectiveRainMm(mm, rootZoneMm)));
  return Math.max(0, sum(use) - rain) * facts.rate.multiplier;
}

const sum = (values: readonly number[]): number => values.reduce((total, one) => total + one, 0);

const hundredths = (value: number): number => Math.round(value * 100) / 100;
