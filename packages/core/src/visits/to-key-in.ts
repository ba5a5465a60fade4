import { keyInSteps, type KeyInStep } from '../key-in/index.js';
import type { Plan } from '../settings/index.js';
import type { KeyInPart } from '../timer-types/index.js';
import { inTimerNow, type Reading } from './in-timer.js';
import type { Visit } from './visit.js';

export interface ToKeyIn {
  readonly visit: Visit;
  /** What is to be in the timer. */
  readonly target: Plan;
  readonly reading: Reading | null;
  /** In which order the timer is keyed in. */
  readonly order: readonly KeyInPart[];
  /** Everything, not only what differs; where nobody knows what is in the timer, it is everything in any case. */
  readonly isWhole?: boolean;
}

/**
 * What is to be keyed in at a visit. What was keyed in at it stays among it: where something else is wanted by now, it
 * is to be keyed in again, though the timer was found with it.
 */
export const toKeyIn = ({ visit, target, reading, order, isWhole = false }: ToKeyIn): KeyInStep[] =>
  keyInSteps({
    ...{ target, order, isWhole },
    present: reading?.document ?? null,
    since: inTimerNow(target, reading, [visit]),
  }).filter(({ part }) => part !== 'last-look');
