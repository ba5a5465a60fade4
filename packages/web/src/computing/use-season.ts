import type { seasonTable, SeasonTable } from '@water-clock/core/season-steps';
import { useMemo } from 'react';
import { plannerThread } from './planner-thread';
import type { PlannerWorker } from './planner.worker';
import { useWorkedOut, type Asking, type WorkedOut } from './worked-out';

type Asked = Parameters<typeof seasonTable>;

/**
 * Percentages by month; null where the timer has no percentage. Without targets there is nothing to work out.
 */
export function useSeason(
  plan: Asked[0],
  targets: Asked[1] | null,
  mode: Asked[2],
  today: Asked[3],
): WorkedOut<SeasonTable> {
  const ask = useMemo(
    (): Asking<PlannerWorker, SeasonTable> =>
      targets && ((worker) => worker.season(plan, targets, mode, today)),
    [plan, targets, mode, today],
  );
  return useWorkedOut(plannerThread, ask);
}
