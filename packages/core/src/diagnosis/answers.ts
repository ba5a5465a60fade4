import type { Fault, FaultCode } from '../faults/index.js';
import type { Plan } from '../settings/index.js';
import type { Cause } from './explain.js';
import { weigh } from './explain.js';
import type { Seen } from './seen.js';

/** What somebody looked at or tried, and found. */
export type Answer =
  /** What the timer's clock shows, less true time. */
  | { readonly of: 'clock'; readonly offSeconds: number }
  | { readonly of: 'percent'; readonly percent: number }
  /** Whether anything else is as a cause has it; of that station or program. */
  | {
      readonly of: Exclude<FaultCode, 'clock' | 'percent'>;
      readonly station?: number;
      readonly program?: string;
      readonly isSo: boolean;
    };

/** What an answer makes of a cause: it is so, it is not, or nobody knows yet. */
export type Bearing = 'so' | 'not' | 'open';

/** A clock is read to the minute, and was said to be off by what fits what was seen. */
const NEAR_SECONDS = 600;
/** Of percentages that fit equally well the middle one is named. */
const NEAR_PERCENT = 10;

interface Subject {
  readonly of: FaultCode;
  readonly station?: number;
  readonly program?: string;
}

/** What is told apart by one answer: it takes the place of an earlier one of the same. */
export const subjectOf = ({ of, station, program }: Subject): string =>
  [of, station ?? '', program ?? ''].join(' ');

function bearingOf(answer: Answer, fault: Fault): Bearing {
  if (answer.of !== fault.code) return 'open';
  if (answer.of === 'clock')
    return isNear(answer.offSeconds, 'offSeconds' in fault ? fault.offSeconds : 0, NEAR_SECONDS);
  if (answer.of === 'percent')
    return isNear(answer.percent, 'percent' in fault ? fault.percent : 0, NEAR_PERCENT);
  if (answer.station !== undefined && !('station' in fault && fault.station === answer.station))
    return 'open';
  if (answer.program !== undefined && !('program' in fault && fault.program === answer.program))
    return 'open';
  return answer.isSo ? 'so' : 'not';
}

const isNear = (one: number, other: number, most: number): Bearing =>
  Math.abs(one - other) <= most ? 'so' : 'not';

export interface WeighedCause extends Cause {
  readonly bearing: Bearing;
}

/**
 * Causes after something was looked at: first what was found so, last what was found not so. A clock or a percentage
 * that was read and that no cause names is one.
 */
export function narrowed(
  plan: Plan,
  seen: Seen,
  causes: readonly Cause[],
  answers: readonly Answer[],
): WeighedCause[] {
  const read = answers.flatMap((answer): Cause[] => {
    const fault = faultRead(plan, answer);
    const isNamed = causes.some((cause) => bearingOf(answer, cause.fault) === 'so');
    return fault && !isNamed ? [weigh(plan, seen, fault)] : [];
  });
  const weighed = [...causes, ...read].map((cause) => ({ ...cause, bearing: bearing(cause) }));
  return IN_ORDER.flatMap((one) => weighed.filter((cause) => cause.bearing === one));

  function bearing({ fault }: Cause): Bearing {
    const all = answers.map((answer) => bearingOf(answer, fault));
    return IN_ORDER.find((one) => one !== 'open' && all.includes(one)) ?? 'open';
  }
}

const IN_ORDER: readonly Bearing[] = ['so', 'open', 'not'];

const A_MINUTE = 60;

/** What was read is another value than is believed. */
function faultRead({ controller }: Plan, answer: Answer): Fault | null {
  if (answer.of === 'clock')
    return Math.abs(answer.offSeconds) > A_MINUTE
      ? { code: 'clock', offSeconds: answer.offSeconds }
      : null;
  if (answer.of !== 'percent') return null;
  const { season } = controller;
  return season.mode === 'whole' && season.percent !== answer.percent
    ? { code: 'percent', percent: answer.percent }
    : null;
}
