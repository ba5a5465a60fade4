import type { DayNumber } from '@water-clock/core/civil-time';
import type { Plan } from '@water-clock/core/settings';
import { wrap } from 'comlink';
import { useEffect, useEffectEvent, useRef, useState } from 'react';
import { repairThread } from './repair-thread';
import type { RepairFound, RepairWorker } from './repair.worker';

/** Why there is nothing to show, or not yet. */
export type NotFound = 'busy' | 'stopped' | 'too-much' | 'failed';

export interface Repairing {
  readonly found: RepairFound | NotFound;
  readonly stop: () => void;
}

/** The fewest settings to change, worked out in a web worker of its own; what is asked anew ends what goes on. */
export function useRepair(plan: Plan, since: DayNumber): Repairing {
  const asked = JSON.stringify([plan, since]);
  const [outcome, setOutcome] = useState<{ of: string; found: RepairFound | NotFound }>();
  const stopping = useRef<() => void>(null);
  const begin = useEffectEvent((thread: Worker) => wrap<RepairWorker>(thread).repair(plan, since));
  useEffect(() => {
    const thread = repairThread();
    let isWanted = true;
    const end = (found: RepairFound | NotFound) => {
      if (isWanted) setOutcome({ of: asked, found });
      isWanted = false;
      thread.terminate();
    };
    thread.onerror = () => end('failed');
    stopping.current = () => end('stopped');
    begin(thread).then(
      (found) => end(found ?? 'too-much'),
      () => end('failed'),
    );
    return () => {
      isWanted = false;
      thread.terminate();
    };
  }, [asked]);
  return {
    // What was found for other settings is shown no more.
    found: outcome?.of === asked ? outcome.found : 'busy',
    stop: () => stopping.current?.(),
  };
}
