import { useQuery } from '@tanstack/react-query';
import type { Confirmed } from '@water-clock/core/settings';
import { confirmedNow, inTimerNow, type InTimer, type Visit } from '@water-clock/core/visits';
import { useMemo } from 'react';
import { copiesQuery, copyQuery, type CopyListing } from '../api/copies';
import { useStoredSettings } from '../offline/use-stored';
import { lastOf, useWaitingCopies, type CopyBody } from './use-timer-on-device';
import { useOpenVisit } from './use-visit';

/** What is believed to be in a timer, and how sure that is: the same on every screen that speaks of it. */
export interface Believed {
  /** What was read off it last, or kept as in it; null: nothing, or what still waits to be sent. */
  readonly copy: CopyListing | null;
  /** A reading of this device that the server does not have yet. */
  readonly waiting: CopyBody | null;
  /** How many values were keyed in since, at the visit that goes on, and not read back. */
  readonly keyedIn: number;
  /** Of how much of it somebody read what stands there; null where there is nothing to go by. */
  readonly confirmed: Confirmed | null;
}

/** What is believed to be in a timer by now; undefined while it is on its way. */
export function useInTimer(timerId: string): Believed | undefined {
  const copies = useQuery(copiesQuery(timerId));
  const waiting = useWaitingCopies(timerId).at(-1) ?? null;
  const copy = (!waiting && lastOf(copies.data ?? [])) || null;
  const read = waiting ?? copy;
  const now = useKeyedInSince(timerId, copy, waiting);
  if ((!copies.data && !waiting) || now === undefined) return undefined;
  const confirmed = now ? confirmedNow(now, read?.confirmed) : (read?.confirmed ?? null);
  return { copy, waiting, keyedIn: now?.keyedIn.length ?? 0, confirmed };
}

/** What stands in a timer, where something was keyed in since it was read; null where nothing was. */
function useKeyedInSince(
  timerId: string,
  copy: CopyListing | null,
  waiting: CopyBody | null,
): InTimer | null | undefined {
  const open = useOpenVisit(timerId);
  const visit = open?.visit;
  const isKeyedIn = isKeyedInAfter(visit, (waiting ?? copy)?.madeAt ?? '');
  const settings = useStoredSettings(timerId, { isToRead: true, enabled: isKeyedIn });
  const stored = useQuery({ ...copyQuery(copy?.id ?? ''), enabled: isKeyedIn && copy !== null });
  const target = settings.data?.document;
  const reading = copy ? stored.data : waiting;
  const isKnown = open !== undefined;
  return useMemo(() => {
    if (!isKeyedIn || !visit) return isKnown ? null : undefined;
    return target && reading !== undefined ? inTimerNow(target, reading, [visit]) : undefined;
  }, [isKeyedIn, isKnown, target, visit, reading]);
}

const isKeyedInAfter = (visit: Visit | undefined, readAt: string): boolean =>
  [...(visit?.keyedIn.values() ?? [])].some(({ observedAt }) => observedAt > readAt);
