import type { DayNumber } from '@water-clock/core/civil-time';
import type { Plan } from '@water-clock/core/settings';
import { wrap, type Remote } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import type { BoardModel } from './board-model';
import type { BoardWorker } from './board.worker';

interface Shown {
  readonly model: BoardModel;
  /** The plan that the model was made from. */
  readonly plan: Plan;
  readonly from: DayNumber;
}

/**
 * The nights of a plan, worked out in a web worker with every edit. While the worker is busy only
 * the newest plan waits; until its answer is there, the last one stays.
 */
export function useBoardModel(plan: Plan, from: DayNumber): Shown | null {
  const [shown, setShown] = useState<Shown | null>(null);
  const asking = useRef<{ ask: (plan: Plan, from: DayNumber) => void } | null>(null);

  useEffect(() => {
    const thread = new Worker(new URL('./board.worker.ts', import.meta.url), { type: 'module' });
    const remote: Remote<BoardWorker> = wrap<BoardWorker>(thread);
    let isBusy = false;
    let waiting: [Plan, DayNumber] | null = null;
    const ask = async (next: Plan, day: DayNumber) => {
      if (isBusy) {
        waiting = [next, day];
        return;
      }
      isBusy = true;
      const model = await remote.boardModel(next, day);
      isBusy = false;
      setShown({ model, plan: next, from: day });
      if (waiting) {
        const [newest, newestDay] = waiting;
        waiting = null;
        void ask(newest, newestDay);
      }
    };
    asking.current = { ask: (next, day) => void ask(next, day) };
    return () => {
      asking.current = null;
      thread.terminate();
    };
  }, []);

  useEffect(() => asking.current?.ask(plan, from), [plan, from]);
  return shown;
}
