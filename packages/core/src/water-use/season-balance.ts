import {
  plantUseMm,
  readilyAvailableMm,
  rootZoneMm,
  waterBalance,
  type BalanceDay,
} from '../agronomy/index.js';
import {
  asTimerSeconds,
  addDays,
  addSeconds,
  civilDateOf,
  dayOf,
  formatDateTime,
  SECONDS_PER_DAY,
  startOfDay,
  type DayNumber,
} from '../civil-time/index.js';
import { clockErrorSeconds, simulate } from '../engine/index.js';
import { stationFacts, type StationFacts, type StationRate } from '../needs/index.js';
import type { Plan, Stretch } from '../settings/index.js';
import type { WeatherOn } from '../weather/index.js';
import type { Yard, YardStation } from '../yards/index.js';

export interface Season {
  readonly from: DayNumber;
  readonly days: number;
}

/** How the rain sensor takes a day's rain, where nobody knows the hour at which it fell. */
export interface SensorHabits {
  /** Rain of a day from which the sensor is wet that whole day, mm. */
  readonly tripMm: number;
  /** Whole days that it takes to dry after it. */
  readonly dryDays: number;
}

export const USUAL_SENSOR: SensorHabits = { tripMm: 5, dryDays: 1 };

export interface MonthOfWater {
  readonly year: number;
  /** 1 to 12. */
  readonly month: number;
  /** Null where neither flow nor rate with an area is known. */
  readonly litres: number | null;
}

/** The facts of a station whose rate is known. */
export type RatedFacts = StationFacts & { readonly rate: StationRate };

/** The roots of one station through a season, day by day. Depths are mm. */
export interface StationSeason {
  readonly number: number;
  readonly facts: RatedFacts;
  readonly rootZoneMm: number;
  readonly readilyAvailableMm: number;
  readonly rain: readonly number[];
  readonly use: readonly number[];
  /** As it came out of the heads. */
  readonly gross: readonly number[];
  /** What the root zone lacks in the evening. */
  readonly depletion: readonly number[];
  readonly drainage: readonly number[];
  readonly stressed: readonly boolean[];
  /** Seconds of water over the season. */
  readonly seconds: number;
  readonly months: readonly MonthOfWater[];
}

export interface SeasonBalance {
  readonly season: Season;
  /** Stations whose rate is known. */
  readonly stations: readonly StationSeason[];
  /** Numbers of stations that are left out: nobody knows how fast they put water down. */
  readonly withoutRate: readonly number[];
  /** Days without weather: nothing is used and nothing rains on them. */
  readonly daysWithoutWeather: number;
}

/**
 * What a timer's settings do to the roots through a season: the water that the engine really lets
 * flow (windows, pauses, percentages, the sensor in the season's rain, the clock's error), against
 * what plants use. A piece counts on the true dates on which it flows.
 */
export function seasonBalance(
  plan: Plan,
  yard: Yard,
  weather: WeatherOn,
  season: Season,
  sensor: SensorHabits = USUAL_SENSOR,
): SeasonBalance {
  const known = Array.from({ length: season.days }, (_, index) =>
    weather(addDays(season.from, index)),
  );
  const rains = known.map((day) => day?.rainMm ?? 0);
  const et0s = known.map((day) => day?.et0Mm ?? 0);
  const secondsOf = wateredSeconds(plan, season, rains, sensor);
  const stations: StationSeason[] = [];
  const withoutRate: number[] = [];
  for (const station of yard.stations) {
    const facts = stationFacts(station);
    if (!facts.rate) withoutRate.push(station.number);
    else
      stations.push(
        stationSeason(
          station,
          { ...facts, rate: facts.rate },
          {
            season,
            rains,
            et0s,
            seconds: secondsOf.get(station.number) ?? new Array<number>(season.days).fill(0),
          },
        ),
      );
  }
  return {
    season,
    stations,
    withoutRate,
    daysWithoutWeather: known.filter((day) => day === null).length,
  };
}

/** How long each station waters on each true date of the season. */
function wateredSeconds(
  plan: Plan,
  { from, days }: Season,
  rains: readonly number[],
  sensor: SensorHabits,
): Map<number, number[]> {
  const ahead = clockErrorSeconds(plan.controller);
  const rain = [...(plan.weather?.rain ?? []), ...wetStretches(rains, from, ahead, sensor)];
  // A clock that is wrong by years begins in another year; runs of the evening before reach in.
  const first = dayOf(addSeconds(startOfDay(from), ahead));
  const { pieces } = simulate(
    { ...plan, weather: { freeze: [], percents: [], ...plan.weather, rain } },
    { from: addDays(first, -1), days: days + 2 },
  );
  const seconds = new Map(
    plan.stations.map(({ number }) => [number, new Array<number>(days).fill(0)]),
  );
  const begin = startOfDay(from);
  for (const piece of pieces) {
    const perDay = seconds.get(piece.station)!;
    const [start, end] = [piece.from - ahead - begin, piece.to - ahead - begin];
    for (let day = Math.floor(start / SECONDS_PER_DAY); day * SECONDS_PER_DAY < end; day++) {
      const part =
        Math.min(end, (day + 1) * SECONDS_PER_DAY) - Math.max(start, day * SECONDS_PER_DAY);
      if (day >= 0 && day < days) perDay[day]! += part;
    }
  }
  return seconds;
}

/** While the sensor is wet, by the timer's clock; stretches that follow each other are one. */
function wetStretches(
  rains: readonly number[],
  from: DayNumber,
  aheadSeconds: number,
  { tripMm, dryDays }: SensorHabits,
): Stretch[] {
  const stretches: { first: number; end: number }[] = [];
  rains.forEach((rain, index) => {
    if (rain < tripMm || rain === 0) return;
    const end = index + 1 + dryDays;
    const last = stretches.at(-1);
    if (last && last.end >= index) last.end = end;
    else stretches.push({ first: index, end });
  });
  const moment = (index: number): string =>
    formatDateTime(asTimerSeconds(startOfDay(addDays(from, index)) + aheadSeconds));
  return stretches.map(({ first, end }) => ({ from: moment(first), to: moment(end) }));
}

interface StationDays {
  readonly season: Season;
  readonly rains: readonly number[];
  readonly et0s: readonly number[];
  readonly seconds: readonly number[];
}

function stationSeason(
  station: YardStation,
  facts: RatedFacts,
  { season, rains, et0s, seconds }: StationDays,
): StationSeason {
  const { planting, exposure, soil, rate } = facts;
  const zone = rootZoneMm(soil.value, planting.value);
  const readily = readilyAvailableMm(soil.value, planting.value);
  const days = et0s.map((et0, index): BalanceDay => ({
    useMm: plantUseMm(et0, planting.value, exposure.value),
    rainMm: rains[index]!,
    grossMm: (seconds[index]! / 3600) * rate.mmPerHour,
  }));
  const evenings = waterBalance(days, {
    rootZoneMm: zone,
    readilyAvailableMm: readily,
    runTimeMultiplier: rate.multiplier,
  });
  return {
    number: station.number,
    facts,
    rootZoneMm: zone,
    readilyAvailableMm: readily,
    rain: evenings.map(({ effectiveRainMm }) => effectiveRainMm),
    use: days.map(({ useMm }) => useMm),
    gross: days.map(({ grossMm }) => grossMm),
    depletion: evenings.map(({ depletionMm }) => depletionMm),
    drainage: evenings.map(({ drainageMm }) => drainageMm),
    stressed: evenings.map(({ isStressed }) => isStressed),
    seconds: seconds.reduce((sum, one) => sum + one, 0),
    months: litresByMonth(season, seconds, flowOf(station, rate.mmPerHour)),
  };
}

/** Litres a minute: metered, else what the rate puts on the area; null where neither is known. */
const flowOf = ({ flowLpm, areaSquareMetres }: YardStation, mmPerHour: number): number | null =>
  flowLpm ?? (areaSquareMetres === undefined ? null : (mmPerHour * areaSquareMetres) / 60);

function litresByMonth(
  { from }: Season,
  seconds: readonly number[],
  flowLpm: number | null,
): MonthOfWater[] {
  const months: { year: number; month: number; litres: number | null }[] = [];
  seconds.forEach((one, index) => {
    const { year, month } = civilDateOf(addDays(from, index));
    const last = months.at(-1);
    const litres = flowLpm === null ? null : (one / 60) * flowLpm;
    if (last?.month === month && last.year === year)
      last.litres = litres === null ? null : last.litres! + litres;
    else months.push({ year, month, litres });
  });
  return months;
}
