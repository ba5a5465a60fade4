import type { DayNumber } from '@water-clock/core/civil-time';
import type { Plan } from '@water-clock/core/settings';
import { wrap } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import type { BoardModel } from './board-model';
import type { BoardChange, BoardWorker } from './board.worker';

type Ask = (plan: Plan, from: DayNumber) => Promise<void>;

/**
 * The nights of a plan, worked out in a web worker with every edit. While the worker is busy only
 * the newest plan waits; until its answer is there, the last one stays.
 */
export function useBoardModel(plan: Plan, from: DayNumber): BoardModel | null {
  const [model, setModel] = useState<BoardModel | null>(null);
  const asking = useRef<Ask | null>(null);

  useEffect(() => {
    const thread = new Worker(new URL('./board.worker.ts', import.meta.url), { type: 'module' });
    const remote = wrap<BoardWorker>(thread);
    let isBusy = false;
    let waiting: [Plan, DayNumber] | null = null;
    const ask: Ask = async (...newest) => {
      waiting = newest;
      if (isBusy) return;
      isBusy = true;
      while (waiting) {
        const next: [Plan, DayNumber] = waiting;
        waiting = null;
        const change = await remote.change(...next);
        setModel((before) => changedModel(before, change));
      }
      isBusy = false;
    };
    asking.current = ask;
    return () => {
      asking.current = null;
      thread.terminate();
    };
  }, []);

  useEffect(() => void asking.current?.(plan, from), [plan, from]);
  return model;
}

/** What stays the same stays the same object, so that it is not drawn again. */
function changedModel(before: BoardModel | null, change: BoardChange): BoardModel {
  const nights = change.nights.map((night, row) => night ?? before!.nights[row]!);
  return {
    nights,
    axis: same(before?.axis, change.axis),
    totals: same(before?.totals, change.totals),
    ever: same(before?.ever, change.ever),
    collisions: nights.flatMap((night) => night.collisions),
  };
}

const same = <Value>(before: Value | undefined, now: Value): Value =>
  before !== undefined && JSON.stringify(before) === JSON.stringify(now) ? before : now;
