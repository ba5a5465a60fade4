import type { KeyInStep } from '../key-in/index.js';
import { hasWatering, type Plan } from '../settings/index.js';

/** What is most likely to be done next to a timer that nobody is visiting. */
export type TimerNext =
  | { readonly to: 'stations' }
  | { readonly to: 'plan' }
  | { readonly to: 'collisions'; readonly count: number }
  | { readonly to: 'visit'; readonly values: number };

export interface TimerNextAsked {
  /** The settings that are wanted. */
  readonly target: Plan;
  /** Of the nights that come. */
  readonly collisions: number;
  /** What is to be keyed in until the timer has what is wanted. */
  readonly toKeyIn: readonly Pick<KeyInStep, 'part'>[];
}

/** The first of what a timer lacks, in the order in which a home is set up; null where it lacks nothing. */
export function timerNext({ target, collisions, toKeyIn }: TimerNextAsked): TimerNext | null {
  const isDescribed = target.stations.some(
    ({ name = '', head, plant }) => name !== '' || head !== undefined || plant !== undefined,
  );
  if (!hasWatering(target)) return { to: isDescribed ? 'plan' : 'stations' };
  if (collisions > 0) return { to: 'collisions', count: collisions };
  // The clock is set at every visit: it is no reason for one.
  const values = toKeyIn.filter(({ part }) => part !== 'clock').length;
  return values > 0 ? { to: 'visit', values } : null;
}
