import { inTimerNow } from '@water-clock/core/visits';
import type { Plan } from '@water-clock/core/settings';
import { useMemo } from 'react';
import { useTimerOnDevice } from './use-timer-on-device';
import { useOpenVisit } from './use-visit';

/**
 * What a timer waters by: what is in it as far as anybody knows, held where somebody was told to hold it; where nobody
 * has read it, what is wanted.
 */
export function usePlanInTimer(timerId: string) {
  const { queries, timer, target, reading } = useTimerOnDevice(timerId);
  const open = useOpenVisit(timerId);
  const plan = useMemo((): Plan | undefined => {
    if (!target) return undefined;
    const { plan: held } = inTimerNow(target, reading, open ? [open.visit] : []);
    const { pauses } = target.controller;
    return { ...held, controller: { ...held.controller, pauses } };
  }, [target, reading, open]);
  return { queries, timer, plan };
}
