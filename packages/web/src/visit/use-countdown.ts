import { useEffect, useState } from 'react';

interface Running {
  readonly station: number;
  /** Milliseconds since 1970. */
  readonly startedAt: number;
  readonly seconds: number;
}

const read = (key: string): Running | null => {
  try {
    return JSON.parse(sessionStorage.getItem(key) ?? 'null') as Running | null;
  } catch {
    return null;
  }
};

/** The station that is on, counted down by this device's clock; it survives a reload. */
export function useCountdown(key: string) {
  const [running, setRunning] = useState(() => read(key));
  const [now, setNow] = useState(() => Date.now());
  const set = (next: Running | null) => {
    if (next) sessionStorage.setItem(key, JSON.stringify(next));
    else sessionStorage.removeItem(key);
    setNow(Date.now());
    setRunning(next);
  };
  useEffect(() => {
    if (!running) return;
    const tick = setInterval(() => setNow(Date.now()), 250);
    return () => clearInterval(tick);
  }, [running]);
  const left = running
    ? Math.max(0, Math.ceil(running.seconds - (now - running.startedAt) / 1000))
    : 0;
  return {
    station: running?.station ?? null,
    secondsLeft: left,
    start: (station: number, seconds: number) => set({ station, startedAt: Date.now(), seconds }),
    stop: () => set(null),
  };
}
