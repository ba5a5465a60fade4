import { wrap, type Remote } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import type { BalanceOfCopy, SeasonAsked } from '@water-clock/core/water-use';
import type { WaterWorker } from './water.worker';

export interface WaterComputer {
  /** One for each plan; null until the first answer is there. */
  readonly balances: readonly BalanceOfCopy[] | null;
  readonly hasFailed: boolean;
}

/** A season worked out in a web worker; of several questions at once only the newest is answered. */
export function useWaterWorker({
  plans,
  yard,
  weather,
  season,
  sensor,
}: SeasonAsked): WaterComputer {
  const [answer, setAnswer] = useState<readonly BalanceOfCopy[] | null>(null);
  const [hasFailed, setFailed] = useState(false);
  const worker = useRef<Remote<WaterWorker> | null>(null);
  const newest = useRef(0);

  useEffect(() => {
    const thread = new Worker(new URL('./water.worker.ts', import.meta.url), { type: 'module' });
    thread.onerror = () => setFailed(true);
    worker.current = wrap<WaterWorker>(thread);
    return () => {
      worker.current = null;
      thread.terminate();
    };
  }, []);

  const { from, days } = season;
  const { tripMm, dryDays } = sensor;
  useEffect(() => {
    const turn = ++newest.current;
    worker.current
      ?.seasonOfCopies({
        plans,
        yard,
        weather,
        season: { from, days },
        sensor: { tripMm, dryDays },
      })
      .then((balances) => {
        if (turn !== newest.current) return;
        setAnswer(balances);
        setFailed(false);
      })
      .catch(() => turn === newest.current && setFailed(true));
  }, [plans, yard, weather, from, days, tripMm, dryDays]);

  return { balances: answer, hasFailed };
}
