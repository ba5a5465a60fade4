import { useQuery } from '@tanstack/react-query';
import type { NamedTimer } from '@water-clock/core/findings';
import { timersOfPropertyQuery } from '../api/properties';
import type { Timer } from '../api/timers';
import { todayHere } from '../format/today';
import { useWantedSettings } from './use-wanted-settings';

export interface TimersOfHome {
  /** All timers of the home as they are wanted; null until they are there, and where there is but one. */
  readonly wanted: readonly NamedTimer[] | null;
  /** The place of this timer among them. */
  readonly place: number;
}

/** A timer among all those of its home. */
export function useTimersOfHome({ id, property }: Timer): TimersOfHome {
  const timers = useQuery(timersOfPropertyQuery(property.id, todayHere())).data ?? NONE;
  const place = timers.findIndex((timer) => timer.id === id);
  // A timer alone has nothing to be asked for.
  const wanted = useWantedSettings(timers.length > 1 ? timers : NONE);
  return { wanted: wanted && wanted.length > 1 && place >= 0 ? wanted : null, place };
}

const NONE: readonly never[] = [];
