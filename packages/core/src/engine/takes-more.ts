/** Sums of litres with fractions are equal when they differ by less. */
const SLACK_LPM = 1e-6;

/** Whether what is taken, L/min, is more than the supply gives; sums of fractions that come to the same are not. */
export const takesMore = (lpm: number, supplyLpm: number): boolean => lpm > supplyLpm + SLACK_LPM;
