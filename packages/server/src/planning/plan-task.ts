import { isObject } from '@water-clock/core/documents';
import { planBrief, readBrief, type PlanAnswer } from '@water-clock/core/planner';
import type { Task } from '../computing/task.js';

/** For the plan and the nearest changes together. */
const LIMIT_MS = 2000;

/** Plans for a brief that was read whole before. */
export const PLAN_TASK: Task<unknown, PlanAnswer> = {
  name: 'plan',
  // It ends by itself; what does not is ended.
  limitMs: 2 * LIMIT_MS,
  work: (document) => {
    const brief = readBrief(document);
    if (!brief.ok || !isObject(document)) throw new Error('The brief was to be read before.');
    const now = () => performance.now();
    return planBrief(document, brief.value, { now, limitMs: LIMIT_MS, wholeLimitMs: LIMIT_MS });
  },
};
