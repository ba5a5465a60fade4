import type { DayNumber } from '@water-clock/core/civil-time';
import { isTooMuch } from '@water-clock/core/engine';
import { changesOn, repair, type DocumentChange } from '@water-clock/core/repair';
import type { Plan } from '@water-clock/core/settings';
import { expose } from 'comlink';

/** The fewest settings to change, as the screens show them. */
export interface RepairFound {
  readonly isSound: boolean;
  readonly isRepaired: boolean;
  readonly isProven: boolean;
  readonly changes: readonly DocumentChange[];
}

/** Longer nobody waits; the best that was found by then is shown. */
const LIMIT_MS = 2000;

const worker = {
  /** Null: it is too much to work out. */
  repair(plan: Plan, since: DayNumber): RepairFound | null {
    try {
      const found = repair(plan, since, { now: () => performance.now(), limitMs: LIMIT_MS });
      const { isSound, isRepaired, isProven } = found;
      return { isSound, isRepaired, isProven, changes: changesOn(plan, plan, found) };
    } catch (error) {
      if (isTooMuch(error)) return null;
      throw error;
    }
  },
};
export type RepairWorker = typeof worker;

expose(worker);
