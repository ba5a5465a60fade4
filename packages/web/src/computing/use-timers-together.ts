import type { NamedTimer, timersOverlap, TimersOverlap } from '@water-clock/core/findings';
import { useMemo } from 'react';
import { usePlannerWorker, type WorkedOut } from './use-planner-worker';

/** Whether timers on one supply overlap; with `null`, nothing is asked. */
export function useTimersTogether(
  timers: readonly NamedTimer[] | null,
  from: Parameters<typeof timersOverlap>[1],
): WorkedOut<TimersOverlap> {
  const ask = useMemo(
    (): Parameters<typeof usePlannerWorker<TimersOverlap>>[0] =>
      timers && ((worker) => worker.together(timers, from)),
    [timers, from],
  );
  return usePlannerWorker(ask);
}
