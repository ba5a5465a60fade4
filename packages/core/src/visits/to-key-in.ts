import { keyInSteps, type KeyInStep } from '../key-in/index.js';
import { startOfDay, type DayNumber } from '../civil-time/index.js';
import { withoutPastHolds, type Plan } from '../settings/index.js';
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
  /** The date on which it is keyed in: what is over by then is keyed in no more. */
  readonly today: DayNumber;
  /** Everything, not only what differs; where nobody knows what is in the timer, it is everything in any case. */
  readonly isWhole?: boolean;
}

/**
 * What is to be keyed in at a visit. What was keyed in at it stays among it: where something else is wanted by now, it
 * is to be keyed in again, though the timer was found with it.
 */
export function toKeyIn({ visit, order, isWhole = false, today, ...found }: ToKeyIn): KeyInStep[] {
  const midnight = startOfDay(today);
  const target = withoutPastHolds(found.target, midnight);
  const reading = found.reading && {
    ...found.reading,
    document: withoutPastHolds(found.reading.document, midnight),
  };
  return keyInSteps({
    ...{ target, order, isWhole },
    present: reading?.document ?? null,
    since: inTimerNow(target, reading, [visit]),
  }).filter(({ part }) => part !== 'last-look');
}
