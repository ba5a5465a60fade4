import type { Answer, Seen } from '@water-clock/core/diagnosis';
import type { Plan } from '@water-clock/core/settings';
import { useMemo } from 'react';
import { causesThread } from './causes-thread';
import type { CausesFound, CausesWorker } from './causes.worker';
import { useWorkedOut, type Asking, type WorkedOut } from './worked-out';

/** What would make a timer water as it was seen to; `found` is null where it is too much to work out. */
export function useCauses(
  plan: Plan,
  seen: Seen,
  answers: readonly Answer[],
): WorkedOut<{ readonly found: CausesFound | null }> {
  const ask = useMemo(
    (): Asking<CausesWorker, { readonly found: CausesFound | null }> => async (worker) => ({
      found: await worker.find(plan, seen, answers),
    }),
    [plan, seen, answers],
  );
  return useWorkedOut(causesThread, ask);
}
