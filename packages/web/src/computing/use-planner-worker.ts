import { wrap, type Remote } from 'comlink';
import { useEffect, useState } from 'react';
import type { PlannerWorker } from './planner.worker';

/** What a thread worked out; null until it is there. */
export interface WorkedOut<Answer> {
  readonly answer: Answer | null;
  readonly hasFailed: boolean;
}

const newThread = () =>
  new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module' });

/** One answer of the planner's worker, when it is asked for. */
export async function askPlannerWorker<Answer>(
  ask: (worker: Remote<PlannerWorker>) => Promise<Answer>,
): Promise<Answer> {
  const thread = newThread();
  try {
    return await new Promise<Answer>((resolve, reject) => {
      thread.onerror = () => reject(new Error('The thread could not begin.'));
      ask(wrap<PlannerWorker>(thread)).then(resolve, reject);
    });
  } finally {
    thread.terminate();
  }
}

/** One answer of the planner's worker, in a thread that ends with what was asked; with `null`, nothing is. */
export function usePlannerWorker<Answer>(
  ask: ((worker: Remote<PlannerWorker>) => Promise<Answer | null>) | null,
): WorkedOut<Answer> {
  const [worked, setWorked] = useState<WorkedOut<Answer>>({ answer: null, hasFailed: false });
  useEffect(() => {
    if (!ask) return;
    const thread = newThread();
    const fail = () => setWorked({ answer: null, hasFailed: true });
    thread.onerror = fail;
    ask(wrap<PlannerWorker>(thread)).then(
      (answer) => setWorked({ answer, hasFailed: false }),
      fail,
    );
    return () => thread.terminate();
  }, [ask]);
  return worked;
}
