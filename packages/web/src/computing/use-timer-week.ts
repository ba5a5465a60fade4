import type { TimerWeek, TimerWeekAsked } from '@water-clock/core/sheets';
import { useMemo } from 'react';
import { deskThread } from './desk-thread';
import type { DeskWorker } from './desk.worker';
import { useWorkedOut, type Asking, type WorkedOut } from './worked-out';

/** A timer's week, station by station; `week` is null where it is too much to work out. */
export function useTimerWeek({
  plan,
  from,
  now,
  station,
  heldUntil,
}: TimerWeekAsked): WorkedOut<{ readonly week: TimerWeek | null }> {
  const ask = useMemo(
    (): Asking<DeskWorker, { readonly week: TimerWeek | null }> => (worker) =>
      worker.week({ plan, from, now, station, heldUntil }),
    [plan, from, now, station, heldUntil],
  );
  return useWorkedOut(deskThread, ask);
}
