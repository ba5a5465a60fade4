import { createContext, use, useCallback } from 'react';
import type { Clock } from '../format/reading';
import type { DayOrder } from '../format/typed-dates';
import type { Session } from '../api/session';
import { quantityIn, type Quantity, type QuantityName } from '../format/quantities';
import { inUnits } from '../format/in-units';
import { inClock } from '@water-clock/core/words';

/** Who is signed in; given by the signed-in frame. */
export const SignedInContext = createContext<Session | null>(null);

/** Who is signed in; only below the signed-in frame. */
export function useSignedIn(): Session {
  const session = use(SignedInContext);
  if (!session) throw new Error('This screen stands outside the signed-in frame.');
  return session;
}

export const useClock = (): Clock => useSignedIn().person.clock;

/** How the person reads a date of numbers: as the firm's country writes it. */
export const useDayOrder = (): DayOrder =>
  useSignedIn().firm.units === 'us' ? 'month-first' : 'day-first';

/** Turns a sentence's times of day into those that the person reads, and its amounts into the firm's units. */
export function useSay(): (text: string) => string {
  const clock = useClock();
  const { units } = useSignedIn().firm;
  return useCallback((text) => inUnits(inClock(text, clock), units), [clock, units]);
}

/** How the firm sees a quantity. */
export const useQuantity = (name: QuantityName): Quantity =>
  quantityIn(useSignedIn().firm.units, name);

/** True where the person may change settings. */
export const useMayChange = (): boolean => useSignedIn().person.role !== 'office';
