import { parseDate } from '@water-clock/core/civil-time';
import { timerTypeBreaks, type TimerTypeBreaks } from '@water-clock/core/findings';
import type { Plan } from '@water-clock/core/settings';
import type { TimerCapability } from '@water-clock/core/timer-types';
import type { Task } from '../computing/task.js';

interface Asked {
  readonly plans: readonly Plan[];
  readonly capability: TimerCapability;
  /** YYYY-MM-DD. */
  readonly from: string;
}

/** What each of the settings would have wrong with it on a timer that can do something else. */
export const BREAKS_TASK: Task<Asked, readonly TimerTypeBreaks[]> = {
  name: 'breaks',
  limitMs: 10_000,
  work: ({ plans, capability, from }) =>
    plans.map((plan) => timerTypeBreaks(plan, capability, parseDate(from)!)),
};
