import {
  explain,
  narrowed,
  perhapsTwo,
  waterWith,
  type Answer,
  type DrawnWater,
  type Seen,
  type TwoThings,
  type WeighedCause,
} from '@water-clock/core/diagnosis';
import { isTooMuch } from '@water-clock/core/engine';
import type { Plan } from '@water-clock/core/settings';
import { expose } from 'comlink';

/** A cause with the water that it would make. */
export type CauseDrawn = WeighedCause & { readonly water: readonly DrawnWater[] };
export type TwoDrawn = TwoThings & { readonly water: readonly DrawnWater[] };

export interface CausesFound {
  readonly causes: readonly CauseDrawn[];
  readonly two: TwoDrawn | null;
  /** What the settings make of the watch, as they are. */
  readonly asSet: readonly DrawnWater[];
}

const worker = {
  /** Null: it is too much to work out. */
  find(plan: Plan, seen: Seen, answers: readonly Answer[]): CausesFound | null {
    try {
      const causes = narrowed(plan, seen, explain(plan, seen), answers).map((cause) => ({
        ...cause,
        water: waterWith(plan, seen, [cause.fault]),
      }));
      const two = perhapsTwo(plan, seen);
      return {
        causes,
        two: two && { ...two, water: waterWith(plan, seen, two.faults) },
        asSet: waterWith(plan, seen, []),
      };
    } catch (error) {
      if (isTooMuch(error)) return null;
      throw error;
    }
  },
};
export type CausesWorker = typeof worker;

expose(worker);
