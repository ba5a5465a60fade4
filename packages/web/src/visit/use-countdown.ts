import { fieldOf } from '@water-clock/core/kernel';
import { useEffect, useState } from 'react';

interface Running {
  readonly station: number;
  /** Milliseconds since 1970. */
  readonly startedAt: number;
  readonly seconds: number;
}

const read = (key: string): Running | null => {
  try {
    const stored: unknown = JSON.parse(sessionStorage.getItem(key) ?? 'null');
    const numbers = ['station', 'startedAt', 'seconds'].map((name) => fieldOf(stored, name));
    const [station, startedAt, seconds] = numbers.filter((one) => typeof one === 'number');
    return seconds === undefined ? null : { station: station!, startedAt: startedAt!, seconds };
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
