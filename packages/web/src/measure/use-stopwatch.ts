import { useEffect, useState } from 'react';

export interface Stopwatch {
  readonly isRunning: boolean;
  readonly seconds: number;
  readonly start: () => void;
  /** Stops, and gives the whole seconds. */
  readonly stop: () => number;
}

/**
 * A stopwatch that goes by the device's clock and lives in its session: a page that is reloaded, or
 * a screen that goes dark, does not lose the time.
 */
export function useStopwatch(name: string): Stopwatch {
  const key = `stopwatch ${name}`;
  const [startedAt, setStartedAt] = useState(() => Number(sessionStorage.getItem(key)) || null);
  const [now, setNow] = useState(Date.now);
  useEffect(() => {
    if (startedAt === null) return;
    const ticking = setInterval(() => setNow(Date.now()), 200);
    return () => clearInterval(ticking);
  }, [startedAt]);
  const since = (moment: number) =>
    startedAt === null ? 0 : Math.max(0, Math.floor((moment - startedAt) / 1000));
  return {
    isRunning: startedAt !== null,
    seconds: since(now),
    start: () => {
      const moment = Date.now();
      sessionStorage.setItem(key, String(moment));
      setStartedAt(moment);
      setNow(moment);
    },
    stop: () => {
      sessionStorage.removeItem(key);
      setStartedAt(null);
      return since(Date.now());
    },
  };
}
