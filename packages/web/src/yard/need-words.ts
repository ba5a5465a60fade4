import { EXPOSURES, PLANT_FACTORS, SOIL_FACTS, surfaceStoreMm } from '@water-clock/core/agronomy';
import type { Customary, Pieces, SchoolNeed, StationNeed } from '@water-clock/core/needs';
import type { MonthWeather } from '@water-clock/core/weather';
import type { School, YardStation } from '@water-clock/core/yards';
import { counted, lengthInWords, MONTHS } from '@water-clock/core/words';
import { shownAmount, type Quantity } from '../format/quantities';

export const SCHOOL_NAMES: Record<School, string> = {
  minute: 'by the minute',
  measurement: 'by measurement',
};

/** A time to the second: "13 min 25 s". */
export const exactTime = (seconds: number): string => lengthInWords(Math.round(seconds));

export const wholeMinutes = (seconds: number): string => String(Math.round(seconds / 60));

/** "4 × a day", "3 × a week", "every 10 days", "not at all". */
export function oftenWords({ wateringsPerWeek }: SchoolNeed): string {
  if (wateringsPerWeek === 0) return 'not at all';
  if (wateringsPerWeek > 7 && wateringsPerWeek % 7 === 0) return `${wateringsPerWeek / 7} × a day`;
  if (wateringsPerWeek >= 1) return `${Number(wateringsPerWeek.toFixed(1))} × a week`;
  return `every ${Math.round(7 / wateringsPerWeek)} days`;
}

/** "3 of 4 min 30 s"; without a break: "all of it". The last piece may be shorter. */
export const pieceWords = ({ count, longestSeconds }: Pieces): string =>
  count <= 1 ? 'all of it' : `${count} of ${exactTime(longestSeconds!)}`;

const signed = (value: number): string =>
  value === 0 ? 'the same' : `${value > 0 ? '+' : '−'}${Math.abs(value)}`;

/** How many minutes a week more are measured than customary: "+25 min". */
export function differenceWords({ differenceSeconds }: StationNeed): string {
  if (differenceSeconds === null) return '';
  const minutes = Math.round(differenceSeconds / 60);
  return minutes === 0 ? 'the same' : `${signed(minutes)} min`;
}

/** The same as a share of what is customary: "+56 %". */
export function differenceShare({ differenceSeconds, minute }: StationNeed): string {
  if (!differenceSeconds || !minute || minute.weeklySeconds === 0) return '';
  const share = Math.round((differenceSeconds / minute.weeklySeconds) * 100);
  return share === 0 ? '' : `${signed(share)} %`;
}

export interface NeedTelling {
  readonly station: YardStation;
  readonly need: StationNeed;
  readonly month: number;
  readonly weather: MonthWeather | null;
  readonly percent: number;
  readonly customary: Customary;
  readonly depth: Quantity;
  readonly rate: Quantity;
  readonly flow: Quantity;
  readonly area: Quantity;
}

const taken = (isAssumed: boolean): string => (isAssumed ? ', taken until somebody looks' : '');

const inUnit = (si: number, quantity: Quantity): string =>
  `${shownAmount(si, quantity)} ${quantity.label}`;

/** How the rate is known. */
export function rateWhy({ need, station, rate, flow, area }: NeedTelling): string {
  const known = need.facts.rate;
  if (!known) return 'Nobody knows: enter the head, or flow and area, or make a catch test.';
  switch (known.from) {
    case 'catch-test': {
      const { millilitres, minutes, on } = station.catchTest!;
      const share = Math.round(known.uniformity * 100);
      return `Catch test${on ? ` of ${on}` : ''}: ${millilitres.length} cups in ${minutes} minutes, ${inUnit(known.mmPerHour, rate)} on average. The driest quarter gets ${share} % of it, so run times are multiplied by ${known.multiplier.toFixed(2)}.`;
    }
    case 'flow-and-area':
      return `${inUnit(station.flowLpm!, flow)} on ${inUnit(station.areaSquareMetres!, area)}: ${inUnit(known.mmPerHour, rate)}.`;
    case 'head':
      return `Customary for ${station.head} heads: ${inUnit(known.mmPerHour, rate)}. Nothing was measured here.`;
  }
}

/** Where the minutes by custom come from. */
export function minuteWhy({ need, station, month, percent, customary }: NeedTelling): string {
  if (!need.minute) return 'By the minute goes by the head: enter it.';
  const { planting, exposure } = need.facts;
  const sun =
    exposure.value === 'full'
      ? 'in full sun'
      : `× ${EXPOSURES[exposure.value]} in ${exposure.value === 'part' ? 'part sun' : 'shade'}`;
  return `Customary ${customary.minutes[station.head!]} minutes for ${station.head} heads ${sun}${taken(exposure.isAssumed)}, at ${percent} % in ${MONTHS[month - 1]}; ${planting.value}${taken(planting.isAssumed)} ${customary.waterings[planting.value]} × a week.`;
}

/** Where the measured minutes a week come from. */
export function weekWhy(telling: NeedTelling): string {
  const { need, weather, depth, rate } = telling;
  if (!need.measurement || !weather)
    return weather
      ? rateWhy(telling)
      : 'By measurement goes by the weather of this month: none is known.';
  const { planting, exposure, rate: known } = need.facts;
  const { dailyUseMm, weeklyRainMm, netMm, grossMm } = need.measurement.parts;
  const use = `${inUnit(weather.et0Mm, depth)} a day × ${PLANT_FACTORS[planting.value]} for ${planting.value}${taken(planting.isAssumed)} × ${EXPOSURES[exposure.value]} for ${exposure.value} sun${taken(exposure.isAssumed)} = ${inUnit(dailyUseMm, depth)} a day`;
  const net = `7 days less ${inUnit(weeklyRainMm, depth)} of rain: ${inUnit(netMm, depth)} a week`;
  const gross =
    known!.multiplier > 1
      ? `; × ${known!.multiplier.toFixed(2)} for the dry quarter: ${inUnit(grossMm, depth)}`
      : '';
  return `${use}. ${net}${gross}. At ${inUnit(known!.mmPerHour, rate)}: ${exactTime(need.measurement.weeklySeconds)}.`;
}

/** How seldom, by measurement. */
export function oftenWhy({ need, depth }: NeedTelling): string {
  if (!need.measurement) return '';
  const { soil, planting } = need.facts;
  const { rootZoneMm, readilyMm, dailyUseMm, longestIntervalDays } = need.measurement.parts;
  const between =
    dailyUseMm > readilyMm
      ? 'it lasts less than a day'
      : `at most ${counted(longestIntervalDays, 'day')} between`;
  return `Roots of ${planting.value} in ${soil.value}${taken(soil.isAssumed)} hold ${inUnit(rootZoneMm, depth)}; ${inUnit(readilyMm, depth)} may be used before they suffer. At ${inUnit(dailyUseMm, depth)} a day: ${between}.`;
}

/** How long at once. */
export function piecesWhy(telling: NeedTelling, school: School): string {
  const { need, depth } = telling;
  const said = school === 'minute' ? need.minute : need.measurement;
  if (!said) return '';
  const { longestSeconds, from } = said.pieces;
  const { soil, slopePercent, rate } = need.facts;
  switch (from) {
    case 'timed':
      return `Run-off was timed on site: ${exactTime(longestSeconds!)} before water stands or runs.`;
    case 'custom':
      return longestSeconds === null
        ? 'Without a break: neither clay nor steep, and nobody timed run-off.'
        : 'In halves on clay and on slopes over 6 %, by custom. Time the run-off to know.';
    case 'soil': {
      const { intakeMmPerHour } = SOIL_FACTS[soil.value];
      const store = surfaceStoreMm(soil.value, slopePercent.value);
      const ground = `${soil.value}${taken(soil.isAssumed)} at ${slopePercent.value} % slope${taken(slopePercent.isAssumed)}`;
      return longestSeconds === null
        ? `Without a break: ${ground} takes ${inUnit(intakeMmPerHour, telling.rate)}, as fast as it comes.`
        : `${ground}: ${inUnit(store, depth)} stand before they run off, and ${inUnit(intakeMmPerHour, telling.rate)} go in of ${inUnit(rate!.mmPerHour, telling.rate)}. Time the run-off to know.`;
    }
  }
}
