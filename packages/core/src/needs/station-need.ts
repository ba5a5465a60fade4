import {
  CUSTOMARY_SOAK_SECONDS,
  customaryMinutes,
  customaryPieceSeconds,
  effectiveRainMm,
  longestIntervalDays,
  longestPieceSeconds,
  piecesOf,
  plantUseMm,
  readilyAvailableMm,
  rootZoneMm,
  soakSeconds,
  weeklyNeed,
} from '../agronomy/index.js';
import type { MonthWeather } from '../weather/index.js';
import type { School, Yard, YardStation } from '../yards/index.js';
import type { Customary } from './customary.js';
import { stationFacts, type StationFacts } from './station-facts.js';

/** How long a station may run at once, and how that is known. */
export interface Pieces {
  /** The longest piece, seconds; null: it may run in one go. */
  readonly longestSeconds: number | null;
  readonly count: number;
  /** The least wait between two pieces, seconds; null where there is one piece. */
  readonly soakSeconds: number | null;
  /** Timed on site, worked out from soil and slope, or by custom. */
  readonly from: 'timed' | 'soil' | 'custom';
}

/** What one school says of a station. */
export interface SchoolNeed {
  readonly weeklySeconds: number;
  /** 0 where nothing is needed; below 1 where it is watered less often than weekly. */
  readonly wateringsPerWeek: number;
  readonly eachSeconds: number;
  readonly pieces: Pieces;
  /** What that puts down, mm a week; null where the rate is not known. */
  readonly weeklyMm: number | null;
}

/** What the measured need is made of, mm. */
export interface NeedInMm {
  readonly dailyUseMm: number;
  /** Of the month's rain, what the roots get in a week. */
  readonly weeklyRainMm: number;
  readonly netMm: number;
  readonly grossMm: number;
  readonly rootZoneMm: number;
  readonly readilyMm: number;
  readonly longestIntervalDays: number;
}

export interface StationNeed {
  readonly number: number;
  readonly facts: StationFacts;
  /** Null where the head is not known. */
  readonly minute: SchoolNeed | null;
  /** Null where the rate or the weather is not known. */
  readonly measurement: (SchoolNeed & { readonly parts: NeedInMm }) | null;
  /** How many seconds a week more by measurement than by the minute; null where one is missing. */
  readonly differenceSeconds: number | null;
  /** The school that is taken for it; null where that one has no answer. */
  readonly taken: School | null;
}

export interface NeedConditions {
  /** The weather of the month; null where it is not known. */
  readonly month: MonthWeather | null;
  /** The percentage of the month, for the customary minutes. */
  readonly percent: number;
  readonly customary: Customary;
}

const DAYS_A_WEEK = 7;
const SECONDS_A_MINUTE = 60;

/**
 * How much, how seldom and how long at once a station waters in a month, by both schools. Seconds
 * are exact, not yet on any timer's steps.
 */
export function stationNeed(
  station: YardStation,
  yard: Pick<Yard, 'school'>,
  conditions: NeedConditions,
): StationNeed {
  const facts = stationFacts(station);
  const minute = byMinute(station, facts, conditions);
  const measurement = byMeasurement(station, facts, conditions.month);
  const school = schoolOf(station, yard);
  return {
    number: station.number,
    facts,
    minute,
    measurement,
    differenceSeconds:
      minute && measurement ? measurement.weeklySeconds - minute.weeklySeconds : null,
    taken: (school === 'minute' ? minute : measurement) ? school : null,
  };
}

/** The school that is asked for: the station's own, else the yard's, else by measurement. */
export const schoolOf = (
  station: Pick<YardStation, 'school'>,
  yard: Pick<Yard, 'school'>,
): School => station.school ?? yard.school ?? 'measurement';

function byMinute(
  { head, soil, runoffSeconds, minSoakSeconds }: YardStation,
  { planting, exposure, slopePercent, rate }: StationFacts,
  { customary, percent }: NeedConditions,
): SchoolNeed | null {
  if (!head) return null;
  const minutes = customaryMinutes(head, exposure.value, customary.minutes);
  const eachSeconds = (minutes * SECONDS_A_MINUTE * percent) / 100;
  const wateringsPerWeek = eachSeconds > 0 ? customary.waterings[planting.value] : 0;
  const weeklySeconds = eachSeconds * wateringsPerWeek;
  const longestSeconds = runoffSeconds
    ? runoffSeconds
    : customaryPieceSeconds(eachSeconds, soil, slopePercent.value);
  return {
    weeklySeconds,
    wateringsPerWeek,
    eachSeconds,
    pieces: piecesWith(eachSeconds, {
      longestSeconds: longestSeconds < eachSeconds ? longestSeconds : null,
      soak: minSoakSeconds ?? CUSTOMARY_SOAK_SECONDS,
      from: runoffSeconds ? 'timed' : 'custom',
    }),
    weeklyMm: rate && (weeklySeconds / 3600) * rate.mmPerHour,
  };
}

function byMeasurement(
  { runoffSeconds, minSoakSeconds }: YardStation,
  { planting, exposure, soil, slopePercent, rate }: StationFacts,
  month: MonthWeather | null,
): StationNeed['measurement'] {
  if (!rate || !month) return null;
  const dailyUseMm = plantUseMm(month.et0Mm, planting.value, exposure.value);
  const roots = rootZoneMm(soil.value, planting.value);
  const readilyMm = readilyAvailableMm(soil.value, planting.value);
  const weeklyRainMm =
    (month.rainsMm.reduce((sum, rain) => sum + effectiveRainMm(rain, roots), 0) * DAYS_A_WEEK) /
    month.days;
  const { netMm, grossMm, seconds } = weeklyNeed(
    [dailyUseMm * DAYS_A_WEEK],
    [weeklyRainMm],
    rate.mmPerHour,
    rate.multiplier,
  );
  const interval = dailyUseMm > 0 ? longestIntervalDays(readilyMm, dailyUseMm) : DAYS_A_WEEK;
  const aDay = planting.value === 'seed' ? wateringsADay(readilyMm, dailyUseMm) : 1;
  const wateringsPerWeek =
    seconds === 0
      ? 0
      : interval >= DAYS_A_WEEK
        ? DAYS_A_WEEK / interval
        : Math.ceil(DAYS_A_WEEK / interval) * aDay;
  const eachSeconds = seconds === 0 ? 0 : seconds / wateringsPerWeek;
  return {
    weeklySeconds: seconds,
    wateringsPerWeek,
    eachSeconds,
    pieces: piecesWith(eachSeconds, {
      longestSeconds: runoffSeconds
        ? runoffSeconds
        : longestPieceSeconds(soil.value, slopePercent.value, rate.mmPerHour),
      soak: minSoakSeconds ?? soakSeconds(soil.value, slopePercent.value),
      from: runoffSeconds ? 'timed' : 'soil',
    }),
    weeklyMm: grossMm,
    parts: {
      dailyUseMm,
      weeklyRainMm,
      netMm,
      grossMm,
      rootZoneMm: roots,
      readilyMm,
      longestIntervalDays: interval,
    },
  };
}

/** How often a day roots are watered that use up in less than a day what they may. */
const wateringsADay = (readilyMm: number, dailyUseMm: number): number =>
  Math.max(1, Math.ceil(dailyUseMm / readilyMm - 1e-9));

function piecesWith(
  eachSeconds: number,
  { longestSeconds, soak, from }: Pick<Pieces, 'longestSeconds' | 'from'> & { soak: number },
): Pieces {
  const count = piecesOf(eachSeconds, longestSeconds);
  return { longestSeconds, count, soakSeconds: count > 1 ? soak : null, from };
}
