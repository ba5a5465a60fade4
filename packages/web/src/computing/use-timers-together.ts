import type { NamedTimer, timersOverlap, TimersOverlap } from '@water-clock/core/findings';
import { useMemo } from 'react';
import { deskThread } from './desk-thread';
import type { DeskWorker } from './desk.worker';
import { useWorkedOut, type Asking, type WorkedOut } from './worked-out';

/** Whether timers on one supply overlap; with `null`, nothing is asked. */
export function useTimersTogether(
  timers: readonly NamedTimer[] | null,
  from: Parameters<typeof timersOverlap>[1],
): WorkedOut<TimersOverlap> {
  const ask = useMemo(
    (): Asking<DeskWorker, TimersOverlap> => timers && ((worker) => worker.together(timers, from)),
    [timers, from],
  );
  return useWorkedOut(deskThread, ask);
}
