import type { DayNumber } from '@water-clock/core/civil-time';
import type { NightOfHome } from '@water-clock/core/engine';
import type { Plan } from '@water-clock/core/settings';
import { useMemo } from 'react';
import { usePlannerWorker, type WorkedOut } from './use-planner-worker';

/** What all timers of a home water in one night, true noon to true noon. */
export function useNightOfHome(plans: readonly Plan[], day: DayNumber): WorkedOut<NightOfHome> {
  const ask = useMemo(
    (): Parameters<typeof usePlannerWorker<NightOfHome>>[0] => (worker) => worker.night(plans, day),
    [plans, day],
  );
  return usePlannerWorker(ask);
}
