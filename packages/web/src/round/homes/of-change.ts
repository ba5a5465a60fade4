import { propertiesKey } from '../../api/properties';
import { rolloutsKey, type Rollout, type TimerOfRollout } from '../../api/rollouts';
import { roundKey } from '../../api/round';
import { timersKey } from '../../api/timers';

/** A timer of a change of many homes. */
export interface OfChange {
  readonly rollout: Rollout;
  readonly timer: TimerOfRollout;
}

/** What holds other answers once settings of timers are others. */
export const TOUCHED_BY_ACCEPTING = [rolloutsKey, roundKey, propertiesKey, timersKey];
