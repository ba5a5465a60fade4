import { formatDateTime, parseDate } from '@water-clock/core/civil-time';
import { isTooMuch } from '@water-clock/core/engine';
import { outlook } from '@water-clock/core/findings';
import type { Plan } from '@water-clock/core/settings';
import type { Task } from '../computing/task.js';
import type { TimerOutlook } from './outlook.dto.js';

export type WorkedOut = Omit<TimerOutlook, 'isOff'>;

export const TOO_MUCH: WorkedOut = {
  ...{ isTooMuch: true, collisions: 0, firstCollision: null, runs: 0 },
};

interface Asked {
  readonly plans: readonly Plan[];
  /** YYYY-MM-DD. */
  readonly from: string;
}

/** Of one timer: far beyond what the largest takes, on a machine that has a lot to do too. */
export const ALONE_MS = 15_000;

/** What is said of timers' settings in lists: the same as on their desks. */
export const OUTLOOKS_TASK: Task<Asked, readonly WorkedOut[]> = {
  name: 'outlooks',
  limitMs: 2500,
  work: ({ plans, from }) => {
    const day = parseDate(from)!;
    return plans.map((plan) => {
      try {
        const { first, collisions, runs } = outlook(plan, day);
        const firstCollision = first ? formatDateTime(first.start) : null;
        return { isTooMuch: false, collisions, firstCollision, runs };
      } catch (error) {
        if (!isTooMuch(error)) throw error;
        return TOO_MUCH;
      }
    });
  },
};
