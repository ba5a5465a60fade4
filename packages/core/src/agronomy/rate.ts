import { aboveZero, inRange } from './in-range.js';

/** Kinds of heads that have a customary rate. */
export const HEAD_RATES_MM_PER_HOUR = {
  spray: 38,
  rotary: 10,
  rotor: 13,
  impact: 13,
  drip: 20,
  bubbler: 50,
  micro: 15,
} as const;
export type RatedHead = keyof typeof HEAD_RATES_MM_PER_HOUR;

const MINUTES_PER_HOUR = 60;

/**
 * How fast a station puts water down, mm/h: a litre on a square metre is a millimetre.
 * @param flowLpm litres a minute, 0 or more
 * @param areaSquareMetres more than 0
 * @throws RangeError for anything else
 * @example rateMmPerHour(20, 60) // 20
 */
export const rateMmPerHour = (flowLpm: number, areaSquareMetres: number): number =>
  (MINUTES_PER_HOUR * inRange('The flow', flowLpm, 0)) / aboveZero('The area', areaSquareMetres);

/**
 * The ground that one head of a triangular or square pattern waters, m².
 * @param spacingMetres from head to head in a row
 * @param rowMetres from row to row
 */
export const areaPerHead = (spacingMetres: number, rowMetres: number): number =>
  aboveZero('The spacing', spacingMetres) * aboveZero('The distance of rows', rowMetres);

/**
 * The flow between two readings of a water meter, L/min.
 * @param litresBefore what the meter shows first
 * @param litresAfter what it shows later, not less
 * @param seconds the time between, more than 0
 */
export function flowOfMeter(litresBefore: number, litresAfter: number, seconds: number): number {
  const litres = inRange('The second reading', litresAfter, litresBefore) - litresBefore;
  return (litres * 60) / aboveZero('The time between', seconds);
}
