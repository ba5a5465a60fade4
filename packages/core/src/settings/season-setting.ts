import {
  Anything,
  ListOfWhole,
  OneOf,
  WholeNumber,
  WholeNumberFrom,
  type DocumentClass,
} from '../documents/index.js';
import { SEASON_MODES } from '../timer-types/index.js';

/** The largest percentage that a document may hold. */
export const LARGEST_PERCENT = 1000;

/** One percentage for the whole timer. */
export class WholeSeason {
  @OneOf(['whole']) mode = 'whole' as const;
  @WholeNumber(0, LARGEST_PERCENT) percent = 100;
}

/** Each program has its own percentage. */
export class ProgramSeason {
  @OneOf(['program']) mode = 'program' as const;
}

/** A percentage for each month, January first. */
export class MonthlySeason {
  @OneOf(['monthly']) mode = 'monthly' as const;
  @ListOfWhole(0, LARGEST_PERCENT, { least: 12, most: 12 }) percents!: number[];
}

/** A percentage that the weather sets, day by day, between two bounds. */
export class WeatherSeason {
  @OneOf(['weather']) mode = 'weather' as const;
  @WholeNumber(0, LARGEST_PERCENT) leastPercent!: number;
  @WholeNumberFrom('leastPercent', 0, LARGEST_PERCENT) mostPercent!: number;
}

export type SeasonSetting = WholeSeason | ProgramSeason | MonthlySeason | WeatherSeason;

class UnknownSeason {
  @OneOf(SEASON_MODES) mode: unknown;
  @Anything() percent: unknown;
  @Anything() percents: unknown;
  @Anything() leastPercent: unknown;
  @Anything() mostPercent: unknown;
}

/** The class that reads a season setting, by its mode; without a mode it is for the whole timer. */
export function seasonClass({ mode = 'whole' }: Record<string, unknown>): DocumentClass {
  switch (mode) {
    case 'whole':
      return WholeSeason;
    case 'program':
      return ProgramSeason;
    case 'monthly':
      return MonthlySeason;
    case 'weather':
      return WeatherSeason;
    default:
      return UnknownSeason;
  }
}

/** All that a season setting can be. */
export const SEASON_SETTINGS = [WholeSeason, ProgramSeason, MonthlySeason, WeatherSeason];
