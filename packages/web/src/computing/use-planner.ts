import { proxy, wrap } from 'comlink';
import { useCallback, useEffect, useEffectEvent, useReducer, useRef } from 'react';
import type {
  Alternative,
  Costs,
  Offer,
  PlanAsked,
  PlanEvent,
  Refusal,
} from '@water-clock/core/proposals';
import { plannerThread } from './planner-thread';
import type { PlannerWorker } from './planner.worker';

export interface Planning {
  /** What it is planned for, as text. */
  readonly asked: string;
  readonly state: 'busy' | 'done' | 'stopped' | 'failed';
  /** What is being tried; null: nothing yet. */
  readonly trying: Extract<PlanEvent, { type: 'trying' }> | null;
  /** What the present settings cost; null until it is there. */
  readonly now: Costs | null;
  readonly offers: readonly Offer[];
  readonly refusals: readonly Refusal[];
  /** Ways that come to a plan that is there already. */
  readonly same: readonly Alternative[];
}

export interface Planner extends Planning {
  readonly stop: () => void;
  readonly again: () => void;
}

const BEGUN: Planning = {
  asked: '',
  state: 'busy',
  trying: null,
  now: null,
  offers: [],
  refusals: [],
  same: [],
};

type Act =
  | PlanEvent
  | { readonly type: 'begin'; readonly asked: string }
  | { readonly type: 'stop'; readonly asked: string }
  | { readonly type: 'end'; readonly state: Planning['state'] };

export function planningAfter(planning: Planning, act: Act): Planning {
  switch (act.type) {
    case 'begin':
      return { ...BEGUN, asked: act.asked };
    case 'stop': {
      const of = planning.asked === act.asked ? planning : { ...BEGUN, asked: act.asked };
      return { ...of, state: 'stopped', trying: null };
    }
    case 'end':
      return { ...planning, state: act.state, trying: null };
    case 'trying':
      return { ...planning, trying: act };
    case 'now':
      return { ...planning, now: act.costs };
    case 'offer':
      return { ...planning, offers: [...planning.offers, act.offer] };
    case 'same':
      return { ...planning, same: [...planning.same, act.alternative] };
    case 'refusal':
      return { ...planning, refusals: [...planning.refusals, act.refusal] };
  }
}

/** While somebody is typing, nothing is begun. */
const PAUSE_MS = 350;

/** Plans in a web worker of its own for what is asked; what is asked anew ends what goes on. */
export function usePlanner(asked: PlanAsked): Planner {
  const [planning, act] = useReducer(planningAfter, BEGUN);
  const text = JSON.stringify(asked);
  const worker = useRef<Worker | null>(null);
  const isFirst = useRef(true);
  const waiting = useRef<ReturnType<typeof setTimeout>>(undefined);

  const stop = useCallback(() => {
    worker.current?.terminate();
    worker.current = null;
    clearTimeout(waiting.current);
    act({ type: 'stop', asked: text });
  }, [text]);
  const begin = useCallback((wanted: PlanAsked) => {
    worker.current?.terminate();
    const thread = plannerThread();
    worker.current = thread;
    act({ type: 'begin', asked: JSON.stringify(wanted) });
    const end = (state: Planning['state']) => {
      if (worker.current !== thread) return;
      thread.terminate();
      worker.current = null;
      act({ type: 'end', state });
    };
    thread.onerror = () => end('failed');
    wrap<PlannerWorker>(thread)
      .plan(
        wanted,
        proxy((event) => {
          if (worker.current === thread) act(event);
        }),
      )
      .then(
        () => end('done'),
        () => end('failed'),
      );
  }, []);

  const beginNow = useEffectEvent(() => begin(asked));
  useEffect(() => {
    waiting.current = setTimeout(beginNow, isFirst.current ? 0 : PAUSE_MS);
    isFirst.current = false;
    return () => clearTimeout(waiting.current);
  }, [text]);
  useEffect(() => () => worker.current?.terminate(), []);

  // What was planned for something else is on offer no more.
  const current = planning.asked === text ? planning : BEGUN;
  return { ...current, stop, again: () => begin(asked) };
}
