import type { seasonTable, SeasonTable } from '@water-clock/core/season-steps';
import { useMemo } from 'react';
import { usePlannerWorker, type WorkedOut } from './use-planner-worker';

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
    (): Parameters<typeof usePlannerWorker<SeasonTable>>[0] =>
      targets && ((worker) => worker.season(plan, targets, mode, today)),
    [plan, targets, mode, today],
  );
  return usePlannerWorker(ask);
}
