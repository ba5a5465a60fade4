import type { Plan } from '../settings/index.js';

/** What stands on a timer already and is not for the planner to change. */
export interface Standing {
  /**
   * Programs that are kept as they are, with their stations, none of which is in the brief; null:
   * the timer is planned anew.
   */
  readonly kept: Plan | null;
  /** The other timers of the home: nothing that is planned meets their runs, five minutes apart. */
  readonly beside: readonly Plan[];
  /** The leader of each station of the brief that follows another and is watered just like it. */
  readonly leaders: ReadonlyMap<number, number>;
}

export const NOTHING_STANDS: Standing = { kept: null, beside: [], leaders: new Map() };
