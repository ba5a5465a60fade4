import { seasonTable } from '@water-clock/core/season-steps';
import { expose } from 'comlink';
import { planAlternatives, type PlanAsked, type PlanEvent } from '@water-clock/core/proposals';

const worker = {
  /** Tells of each plan as soon as it is there; over when all that was told has arrived. */
  async plan(asked: PlanAsked, tell: (event: PlanEvent) => void | Promise<void>): Promise<void> {
    const told: Promise<void>[] = [];
    planAlternatives(
      asked,
      () => performance.now(),
      (event) => told.push(Promise.resolve(tell(event))),
    );
    await Promise.all(told);
  },

  season: seasonTable,
};
export type PlannerWorker = typeof worker;

expose(worker);
