/** The largest whole number that divides both; of 0 and a number that number. */
export const greatestCommonDivisor = (a: number, b: number): number =>
  b === 0 ? a : greatestCommonDivisor(b, a % b);
