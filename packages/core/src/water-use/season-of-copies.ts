import { addDays } from '../civil-time/index.js';
import type { Plan } from '../settings/index.js';
import { weatherOn, type WeatherFile } from '../weather/index.js';
import type { Yard } from '../yards/index.js';
import {
  seasonBalance,
  type Season,
  type SeasonBalance,
  type SensorHabits,
} from './season-balance.js';
import { moistureHolds, type MoistureHold } from './moisture-holds.js';
import { neededMm } from './water-report.js';

/** A season's balance, with what each station needed and what fell from the sky. */
export interface BalanceOfCopy extends SeasonBalance {
  /** By the season's days. */
  readonly rainMm: readonly number[];
  /** By the balance's stations, as it comes out of the heads. */
  readonly neededMm: readonly number[];
  /** What moisture sensors would have held back. */
  readonly held: readonly MoistureHold[];
}

export interface SeasonAsked {
  readonly plans: readonly Plan[];
  readonly yard: Yard;
  readonly weather: WeatherFile;
  readonly season: Season;
  readonly sensor: SensorHabits;
}

/** A season at the roots, for each of some copies. */
export function seasonOfCopies(asked: SeasonAsked): BalanceOfCopy[] {
  const { plans, yard, weather, season, sensor } = asked;
  const on = weatherOn(weather);
  const rainMm = Array.from(
    { length: season.days },
    (_, index) => on(addDays(season.from, index))?.rainMm ?? 0,
  );
  return plans.map((plan) => {
    const balance = seasonBalance(plan, yard, on, season, sensor);
    return {
      ...balance,
      rainMm,
      neededMm: balance.stations.map((station) => neededMm(station, rainMm)),
      held: moistureHolds(balance.stations, rainMm, yard),
    };
  });
}
