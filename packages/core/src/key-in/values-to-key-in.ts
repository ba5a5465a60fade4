import type { Plan } from '../settings/index.js';
import type { KeyInPart } from '../timer-types/index.js';
import { keyInSteps } from './key-in-steps.js';

/**
 * How many values are keyed in to have some settings in a timer, the clock aside; `present` null: nothing is known to
 * be in it.
 */
export const valuesToKeyIn = (
  target: Plan,
  present: Plan | null,
  order: readonly KeyInPart[],
): number =>
  keyInSteps({ target, present, order, isWhole: false }).filter(
    ({ part }) => part !== 'clock' && part !== 'last-look',
  ).length;
