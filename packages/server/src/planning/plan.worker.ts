import { planBrief, readBrief, type PlanAnswer } from '@water-clock/core/planner';

export interface PlanTask {
  readonly document: Readonly<Record<string, unknown>>;
  readonly limitMs: number;
}

/** Plans for a brief that was read whole before; runs in a thread of the pool. */
export default function plan({ document, limitMs }: PlanTask): PlanAnswer {
  const brief = readBrief(document);
  if (!brief.ok) throw new Error('The brief was to be read before.');
  return planBrief(document, brief.value, { now: () => performance.now(), limitMs });
}
