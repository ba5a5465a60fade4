import type { seasonTable, SeasonTable } from '@water-clock/core/season-steps';
import { wrap } from 'comlink';
import { useEffect, useState } from 'react';
import type { PlannerWorker } from './planner.worker';

type Asked = Parameters<typeof seasonTable>;

export interface SeasonComputer {
  /** Null until it is there, and where the timer has no percentage. */
  readonly table: SeasonTable | null;
  readonly hasFailed: boolean;
}

/**
 * Percentages by month, worked out in a web worker that ends with what was asked. Without targets there is
 * nothing to work out.
 */
export function useSeason(
  plan: Asked[0],
  targets: Asked[1] | null,
  mode: Asked[2],
  today: Asked[3],
): SeasonComputer {
  const [answer, setAnswer] = useState<SeasonComputer>({ table: null, hasFailed: false });
  useEffect(() => {
    if (!targets) return;
    const thread = new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module' });
    const fail = () => setAnswer({ table: null, hasFailed: true });
    thread.onerror = fail;
    wrap<PlannerWorker>(thread)
      .season(plan, targets, mode, today)
      .then((table) => setAnswer({ table, hasFailed: false }), fail);
    return () => thread.terminate();
  }, [plan, targets, mode, today]);
  return answer;
}
