import type { NamedTimer, timersOverlap, TimersOverlap } from '@water-clock/core/findings';
import { wrap } from 'comlink';
import { useEffect, useState } from 'react';
import type { PlannerWorker } from './planner.worker';

type Asked = Parameters<typeof timersOverlap>;

export interface TimersTogether {
  /** Null until it is there. */
  readonly found: TimersOverlap | null;
  readonly hasFailed: boolean;
}

/** Whether timers on one supply overlap, worked out in a web worker; with `null`, nothing is. */
export function useTimersTogether(
  timers: readonly NamedTimer[] | null,
  from: Asked[1],
): TimersTogether {
  const [answer, setAnswer] = useState<TimersTogether>({ found: null, hasFailed: false });
  useEffect(() => {
    if (!timers) return;
    const thread = new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module' });
    const fail = () => setAnswer({ found: null, hasFailed: true });
    thread.onerror = fail;
    wrap<PlannerWorker>(thread)
      .together(timers, from)
      .then((found) => setAnswer({ found, hasFailed: false }), fail);
    return () => thread.terminate();
  }, [timers, from]);
  return answer;
}
