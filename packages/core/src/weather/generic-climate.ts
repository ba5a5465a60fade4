import type { SimulatedRecord } from './weather.js';
import { type MonthOfClimate } from './weather.js';

const month = (
  lowCelsius: number,
  highCelsius: number,
  rainMm: number,
  rainDays: number,
): MonthOfClimate => ({ lowCelsius, highCelsius, rainMm, rainDays });

/** A made-up climate with warm, rather dry summers and cold winters, to begin from. */
export const DRY_SUMMER_CLIMATE: readonly MonthOfClimate[] = [
  month(-9, 3, 22, 5),
  month(-7, 6, 22, 5),
  month(-3, 11, 30, 6),
  month(1, 17, 32, 6),
  month(6, 22, 34, 7),
  month(11, 29, 20, 4),
  month(15, 33, 26, 6),
  month(14, 31, 30, 7),
  month(9, 26, 28, 5),
  month(3, 18, 30, 5),
  month(-3, 9, 26, 5),
  month(-8, 4, 24, 5),
];

/** The simulated weather station that ships with the product. */
export const simulatedStation = (
  seed: number,
  months: readonly MonthOfClimate[] = DRY_SUMMER_CLIMATE,
): SimulatedRecord => ({ kind: 'simulated', seed, months: months.map((one) => ({ ...one })) });
