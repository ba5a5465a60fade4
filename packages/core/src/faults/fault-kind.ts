import type { TimerSeconds } from '../civil-time/index.js';
import type { Plan } from '../settings/index.js';
import type { Believed } from './believed.js';
import type { FaultCode, FaultOf } from './fault.js';
import type { Flow } from './flow.js';

/** Water that somebody saw, in true time; `station` null: nobody knows of which. */
export interface SeenWater {
  readonly from: TimerSeconds;
  readonly to: TimerSeconds;
  readonly station: number | null;
}

/** What is known of a kind of fault. */
export interface FaultKind<Code extends FaultCode> {
  /** All water of the watch, and a little around it, in true time. */
  readonly flows: (believed: Believed, fault: FaultOf<Code>) => Flow[];
  /** Settings that make a timer do the same, where it is one of the settings. */
  readonly inSettings?: (plan: Plan, fault: FaultOf<Code>) => Plan;
  /** How large a change of what is believed it is, among faults of its kind. */
  readonly size: (fault: FaultOf<Code>, believed: Believed) => number;
  /** What happens, with times: the end of a sentence that begins "This would fit:". `seen`: what was seen first. */
  readonly happens: (
    believed: Believed,
    fault: FaultOf<Code>,
    seen: SeenWater | undefined,
  ) => string;
  /** How it shows to whoever lives there. */
  readonly shows: string;
  /** What tells it fastest, for whoever stands at the timer. */
  readonly tells: string;
  /** One thing to look at or to try that tells it from its neighbours. */
  readonly check: (fault: FaultOf<Code>) => string;
  /** What to do about it. */
  readonly mend: (fault: FaultOf<Code>) => string;
  /** What can hurt somebody or break a rule at that. */
  readonly caution?: string;
}
