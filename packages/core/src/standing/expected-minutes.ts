import type { Standing } from './standing.js';

/** Getting there is no part of it: opening up, reading the timer as found, and leaving the sheet. */
const AT_LEAST = 15;
const A_VALUE = 0.5;
const A_STATION = 1.5;
const A_JOB = 15;
const A_DUE = 5;
const STEP = 5;

/** How long a visit to a timer is expected to take, in minutes: what is to be keyed in, walked, put right and cared for. */
export function expectedMinutes({ reasons, dues, values }: Standing, stations: number): number {
  const jobs = reasons.reduce((sum, one) => sum + (one.kind === 'job' ? one.count : 0), 0);
  const minutes =
    AT_LEAST + A_VALUE * values + A_STATION * stations + A_JOB * jobs + A_DUE * dues.length;
  return Math.ceil(minutes / STEP) * STEP;
}
