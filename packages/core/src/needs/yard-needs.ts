import type { TimerCapability } from '../timer-types/index.js';
import type { MonthWeather } from '../weather/index.js';
import type { Yard, YardStation } from '../yards/index.js';
import type { Customary } from './customary.js';
import { highestMonth, monthPercents, type MonthPercents } from './month-percents.js';
import { stationNeed, type StationNeed } from './station-need.js';

export interface NeedsAsked {
  readonly yard: Yard;
  readonly timer: TimerCapability;
  /** The weather's months; null where a home goes by none. */
  readonly months: readonly (MonthWeather | null)[] | null;
  /** 1 to 12; null: the one that needs most. */
  readonly month: number | null;
  readonly customary: Customary;
}

export interface YardNeeds {
  /** 1 to 12. */
  readonly month: number;
  readonly weather: MonthWeather | null;
  readonly percents: MonthPercents;
  /** In force in that month, for customary minutes. */
  readonly percent: number;
  /** Of the stations that are on, in their order. */
  readonly rows: readonly { readonly station: YardStation; readonly need: StationNeed }[];
}

/** What every station of a yard needs in a month, by both schools. */
export function yardNeeds({ yard, timer, months, month, customary }: NeedsAsked): YardNeeds {
  const asked = month ?? highestMonth(months);
  const percents = monthPercents(yard, months, timer.season);
  const percent = percents.percents[asked - 1]!;
  const weather = months?.[asked - 1] ?? null;
  const conditions = { month: weather, percent, customary };
  return {
    month: asked,
    weather,
    percents,
    percent,
    rows: yard.stations
      .filter(({ enabled }) => enabled)
      .map((station) => ({ station, need: stationNeed(station, yard, conditions) })),
  };
}
