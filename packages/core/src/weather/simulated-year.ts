import { randomExponential, randomLcg, randomNormal } from 'd3-random';
import { addDays, civilDateOf, dayNumberOf, formatDate } from '../civil-time/index.js';
import { DAYS_OF_MONTH } from './months.js';
import type { MonthOfClimate, SimulatedRecord, WeatherDay } from './weather.js';

/** Rain likes to stay: after a wet day the chance of rain is raised by this share of what is left. */
const PERSISTENCE = 0.35;
/** How warm a day is, against its season, lasts into the next. */
const MEMORY = 0.65;
const SPREAD_CELSIUS = 3;
/** Clouds take from the high and give to the low. */
const CLOUD_HIGH_CELSIUS = 4;
const CLOUD_LOW_CELSIUS = 1;
const MOST_SHOWER_MM = 200;

const tenths = (value: number): number => Math.round(value * 10) / 10;

/**
 * Every day of one year at a station that does not exist. A year stands by itself: the same record
 * and year give the same days, whichever range is asked for.
 */
export function simulatedYear({ seed, months }: SimulatedRecord, year: number): WeatherDay[] {
  // An odd multiplier mixes seed and year, so that neighbours share no days.
  const random = randomLcg(
    ((Math.imul(seed + 1, 0x9e3779b1) ^ Math.imul(year, 0x85ebca6b)) >>> 0) / 2 ** 32,
  );
  const normal = randomNormal.source(random)(0, SPREAD_CELSIUS * Math.sqrt(1 - MEMORY ** 2));
  const exponential = randomExponential.source(random)(1);
  const first = dayNumberOf({ year, month: 1, day: 1 });
  const count = dayNumberOf({ year: year + 1, month: 1, day: 1 }) - first;
  let isWet = false;
  let warmth = 0;
  return Array.from({ length: count }, (_, index) => {
    const day = addDays(first, index);
    const { month, day: date } = civilDateOf(day);
    const { rainMm, rainDays } = months[month - 1]!;
    const chance = Math.min(1, rainDays / DAYS_OF_MONTH[month - 1]!);
    const afterWet = chance + PERSISTENCE * (1 - chance);
    // Over the month as many days are wet as the climate says.
    const afterDry = chance < 1 ? (chance * (1 - afterWet)) / (1 - chance) : 1;
    isWet = random() < (isWet ? afterWet : afterDry);
    warmth = MEMORY * warmth + normal();
    const size = exponential();
    const low = between(months, month, date, 'lowCelsius');
    const high = between(months, month, date, 'highCelsius');
    // Dry days take back what clouds take, so that the month keeps its mean.
    const cloud = (isWet ? 1 : 0) - chance;
    const coolest = tenths(low + warmth + CLOUD_LOW_CELSIUS * cloud);
    return {
      date: formatDate(day),
      lowCelsius: coolest,
      highCelsius: Math.max(coolest, tenths(high + warmth - CLOUD_HIGH_CELSIUS * cloud)),
      rainMm:
        isWet && rainDays > 0 ? tenths(Math.min(MOST_SHOWER_MM, (size * rainMm) / rainDays)) : 0,
    };
  });
}

/** A month's value is that of its middle; between two middles it goes straight. */
function between(
  months: readonly MonthOfClimate[],
  month: number,
  date: number,
  field: 'lowCelsius' | 'highCelsius',
): number {
  const here = months[month - 1]![field];
  const share = (date - 0.5) / DAYS_OF_MONTH[month - 1]! - 0.5;
  const other = months[(month - 1 + (share < 0 ? 11 : 1)) % 12]![field];
  return here + Math.abs(share) * (other - here);
}
