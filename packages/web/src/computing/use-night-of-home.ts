import type { DayNumber } from '@water-clock/core/civil-time';
import type { NightOfHome } from '@water-clock/core/engine';
import type { Plan } from '@water-clock/core/settings';
import { useMemo } from 'react';
import { deskThread } from './desk-thread';
import type { DeskWorker } from './desk.worker';
import { useWorkedOut, type Asking, type WorkedOut } from './worked-out';

/** What all timers of a home water in one night, true noon to true noon. */
export function useNightOfHome(plans: readonly Plan[], day: DayNumber): WorkedOut<NightOfHome> {
  const ask = useMemo(
    (): Asking<DeskWorker, NightOfHome> => (worker) => worker.night(plans, day),
    [plans, day],
  );
  return useWorkedOut(deskThread, ask);
}
