import { MOST_RAIN_MM } from '../agronomy/index.js';
import {
  Amount,
  Anything,
  CivilDay,
  ListOfLabels,
  Nested,
  NestedList,
  OneOf,
  Text,
  WholeNumber,
  type DocumentClass,
} from '../documents/index.js';

export const WEATHER_FORMAT = 'waterclock.weather/1';

/** Colder and hotter than any place where something is watered. */
export const COLDEST_CELSIUS = -60;
export const HOTTEST_CELSIUS = 60;
/** Twenty years of days. */
export const MOST_WEATHER_DAYS = 7310;

/** What was read on one day. */
export class WeatherDay {
  @CivilDay() date!: string;
  @Amount(COLDEST_CELSIUS, HOTTEST_CELSIUS) lowCelsius!: number;
  /** Not below the low. */
  @Amount(COLDEST_CELSIUS, HOTTEST_CELSIUS) highCelsius!: number;
  @Amount(0, MOST_RAIN_MM) rainMm = 0;
}

/** Days as they were read, by date. */
export class DailyRecord {
  @OneOf(['daily']) kind = 'daily' as const;
  @NestedList(() => WeatherDay) days: WeatherDay[] = [];
}

/** How a month usually is. */
export class MonthOfClimate {
  @Amount(COLDEST_CELSIUS, HOTTEST_CELSIUS) lowCelsius!: number;
  @Amount(COLDEST_CELSIUS, HOTTEST_CELSIUS) highCelsius!: number;
  /** Of the whole month. */
  @Amount(0, MOST_RAIN_MM) rainMm = 0;
  @Amount(0, 31) rainDays = 0;
}

/** A station that does not exist: the same seed and climate give the same days, always. */
export class SimulatedRecord {
  @OneOf(['simulated']) kind = 'simulated' as const;
  @WholeNumber(0, 2 ** 31 - 1) seed = 1;
  /** January first. */
  @NestedList(() => MonthOfClimate) months!: MonthOfClimate[];
}

/** A month as somebody's table has it. */
export class MonthOfTable {
  /** Reference evapotranspiration, mm a day. */
  @Amount(0, 20) et0MmPerDay!: number;
  /** Of the whole month. */
  @Amount(0, MOST_RAIN_MM) rainMm = 0;
  @Amount(0, 31) rainDays = 0;
}

export class MonthlyRecord {
  @OneOf(['monthly']) kind = 'monthly' as const;
  /** January first. */
  @NestedList(() => MonthOfTable) months!: MonthOfTable[];
}

export type WeatherRecord = DailyRecord | SimulatedRecord | MonthlyRecord;

class UnknownRecord {
  @OneOf(['daily', 'simulated', 'monthly']) kind: unknown;
  @Anything() days: unknown;
  @Anything() seed: unknown;
  @Anything() months: unknown;
}

function recordClass({ kind }: Record<string, unknown>): DocumentClass {
  switch (kind) {
    case 'daily':
      return DailyRecord;
    case 'simulated':
      return SimulatedRecord;
    case 'monthly':
      return MonthlyRecord;
    default:
      return UnknownRecord;
  }
}

/** The weather of a district or of one home. */
export class WeatherFile {
  @OneOf([WEATHER_FORMAT]) format: typeof WEATHER_FORMAT = WEATHER_FORMAT;
  @Text() name!: string;
  /** The towns for which it is offered. */
  @ListOfLabels({ least: 0, most: 200 }) towns: string[] = [];
  /** Where it was read; the sun's strength goes by it. */
  @Amount(-90, 90) latitude!: number;
  @Nested(recordClass, [DailyRecord, SimulatedRecord, MonthlyRecord]) record!: WeatherRecord;
}
