import { parseDate } from '@water-clock/core/civil-time';
import type { Plan } from '@water-clock/core/settings';
import { useMemo } from 'react';
import { todayHere } from '../format/today';
import { deskThread } from './desk-thread';
import type { DeskWorker } from './desk.worker';
import { useWorkedOut, type Asking } from './worked-out';

/** For how long each station waters in the year from today on, in seconds; null until it is known, or where it is too much to work out. */
export function useYearOfStations(plan: Plan): ReadonlyMap<number, number> | null {
  const ask = useMemo(
    (): Asking<DeskWorker, ReadonlyMap<number, number> | null> => (worker) =>
      worker.aYear(plan, parseDate(todayHere())!),
    [plan],
  );
  return useWorkedOut(deskThread, ask).answer;
}
