import { explain, type Seen } from '@water-clock/core/diagnosis';
import type { Plan } from '@water-clock/core/settings';
import type { Task } from '../computing/task.js';
import type { LikelyCause } from '../schema/telling.entity.js';

interface ToExplain {
  readonly plan: Plan;
  readonly seen: Seen;
}

const MOST_CAUSES = 3;

/** What would explain what somebody saw, the likeliest first. */
export const EXPLAIN_TASK: Task<ToExplain, LikelyCause[]> = {
  name: 'explain',
  limitMs: 5000,
  work: ({ plan, seen }) =>
    explain(plan, seen)
      .slice(0, MOST_CAUSES)
      .map(({ fault: { code }, says }) => ({ code, says })),
};
