import { fieldOf } from '@water-clock/core/kernel';
import { useEffect, useEffectEvent, useRef, useState } from 'react';

interface Running {
  readonly station: number;
  /** Milliseconds since 1970. */
  readonly startedAt: number;
  readonly seconds: number;
  /** Stations that come on after it, each for as long. */
  readonly then: readonly number[];
}

const read = (key: string): Running | null => {
  try {
    const stored: unknown = JSON.parse(sessionStorage.getItem(key) ?? 'null');
    const numbers = ['station', 'startedAt', 'seconds'].map((name) => fieldOf(stored, name));
    const [station, startedAt, seconds] = numbers.filter((one) => typeof one === 'number');
    const then = fieldOf(stored, 'then');
    return seconds === undefined
      ? null
      : {
          ...{ station: station!, startedAt: startedAt!, seconds },
          then: Array.isArray(then) ? then.filter((one) => typeof one === 'number') : [],
        };
  } catch {
    return null;
  }
};

/**
 * The station that is on, counted down by this device's clock, and those that come on after it; it survives a reload.
 * `onNext`: the next one has come on.
 */
export function useCountdown(
  key: string,
  onNext: (station: number, seconds: number) => void = () => undefined,
) {
  const [running, setRunning] = useState(() => read(key));
  const [now, setNow] = useState(() => Date.now());
  // Ticks may come faster than the page is drawn.
  const current = useRef(running);
  const set = (next: Running | null) => {
    current.current = next;
    if (next) sessionStorage.setItem(key, JSON.stringify(next));
    else sessionStorage.removeItem(key);
    setNow(Date.now());
    setRunning(next);
  };
  const goOn = useEffectEvent(() => {
    const at = Date.now();
    setNow(at);
    if (!current.current) return;
    const { startedAt, seconds, then } = current.current;
    const [station, ...rest] = then;
    if (station === undefined || at < startedAt + seconds * 1000) return;
    set({ station, startedAt: startedAt + seconds * 1000, seconds, then: rest });
    onNext(station, seconds);
  });
  useEffect(() => {
    if (!running) return;
    const tick = setInterval(() => goOn(), 250);
    return () => clearInterval(tick);
  }, [running]);
  const left = running
    ? Math.max(0, Math.ceil(running.seconds - (now - running.startedAt) / 1000))
    : 0;
  return {
    station: running?.station ?? null,
    secondsLeft: left,
    /** Stations that are still to come on by themselves. */
    then: running && left > 0 ? running.then : [],
    start: (station: number, seconds: number, then: readonly number[] = []) =>
      set({ station, startedAt: Date.now(), seconds, then }),
    stop: () => set(null),
  };
}
