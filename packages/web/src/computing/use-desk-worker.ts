import type { DayNumber } from '@water-clock/core/civil-time';
import { isTooMuch } from '@water-clock/core/engine';
import type { Finding } from '@water-clock/core/findings';
import type { FixPreview } from '@water-clock/core/fixes';
import type { Plan } from '@water-clock/core/settings';
import { wrap, type Remote } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import { deskThread } from './desk-thread';
import type { YearModel } from './year-model';
import type { DeskModel, DeskView } from './desk-model';
import type { DeskChange, DeskWorker } from './desk.worker';

/** `too-much`: there is far too much of it; `fault`: for any other reason. */
export type Failure = 'too-much' | 'fault';

export interface DeskComputer {
  /** Null until the first answer is there. */
  readonly model: DeskModel | null;
  /** Why the last settings could not be worked out: what is shown is older. Null: they were. */
  readonly failure: Failure | null;
  readonly fixes: (plan: Plan, finding: Finding, since: DayNumber) => Promise<FixPreview[]>;
  readonly year: (plan: Plan, since: DayNumber) => Promise<YearModel>;
}

type Ask = (plan: Plan, view: DeskView) => Promise<void>;

/**
 * A plan worked out in a web worker with every edit. While the worker is busy only the newest plan
 * waits; until its answer is there, the last one stays.
 */
export function useDeskWorker(plan: Plan, view: DeskView): DeskComputer {
  const [model, setModel] = useState<DeskModel | null>(null);
  const [failure, setFailure] = useState<Failure | null>(null);
  const asking = useRef<Ask | null>(null);
  const worker = useRef<Remote<DeskWorker> | null>(null);

  useEffect(() => {
    const thread = deskThread();
    const remote = wrap<DeskWorker>(thread);
    thread.onerror = () => setFailure('fault');
    worker.current = remote;
    let isBusy = false;
    let waiting: [Plan, DeskView] | null = null;
    const ask: Ask = async (...newest) => {
      waiting = newest;
      if (isBusy) return;
      isBusy = true;
      while (waiting) {
        const next: [Plan, DeskView] = waiting;
        waiting = null;
        try {
          const change = await remote.change(...next);
          setModel((before) => changedModel(before, change));
          setFailure(null);
        } catch (error) {
          setFailure(isTooMuch(error) ? 'too-much' : 'fault');
        }
      }
      isBusy = false;
    };
    asking.current = ask;
    return () => {
      asking.current = null;
      worker.current = null;
      thread.terminate();
    };
  }, []);

  const { night, since, isTrueTime } = view;
  useEffect(
    () => void asking.current?.(plan, { night, since, isTrueTime }),
    [plan, night, since, isTrueTime],
  );
  return {
    model,
    failure,
    fixes: useCallback((...asked) => worker.current!.fixes(...asked), []),
    year: useCallback((...asked) => worker.current!.year(...asked), []),
  };
}

/** What stays the same stays the same object, so that it is not drawn again. */
function changedModel(before: DeskModel | null, change: DeskChange): DeskModel {
  const nights = change.board.nights.map((night, row) => night ?? before!.board.nights[row]!);
  return {
    since: change.since,
    outlook: same(before?.outlook, change.outlook),
    board: {
      nights,
      axis: same(before?.board.axis, change.board.axis),
      totals: same(before?.board.totals, change.board.totals),
      collisions: nights.flatMap((night) => night.collisions),
      seldom: same(before?.board.seldom, change.board.seldom),
    },
    allDates: same(before?.allDates, change.allDates),
    findings: same(before?.findings, change.findings),
    clockErrorSeconds: change.clockErrorSeconds,
    inForce: same(before?.inForce, change.inForce),
  };
}

const same = <Value>(before: Value | undefined, now: Value): Value =>
  before !== undefined && JSON.stringify(before) === JSON.stringify(now) ? before : now;
