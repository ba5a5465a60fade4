import { useQueries, useQuery, useQueryClient } from '@tanstack/react-query';
import type { Plan } from '@water-clock/core/settings';
import { useEffect } from 'react';
import { copiesQuery, copyQuery, type CopyListing } from '../api/copies';
import { propertyQuery } from '../api/properties';
import { settingsToReadQuery, timerQuery } from '../api/timers';
import { jobsQuery } from '../api/visits';
import { useOutbox } from '../outbox/use-outbox';
import { todayHere } from '../words/today';

export interface CopyBody {
  readonly id: string;
  readonly reason: 'as-found' | 'left';
  readonly name: string;
  readonly madeAt: string;
  readonly document: Plan;
}

export const copiesPath = (timerId: string) => `/timers/${timerId}/copies`;

/** All of a timer that a visit needs, from the server or, without signal, from this device. */
export function useTimerOnDevice(timerId: string) {
  const timer = useQuery(timerQuery(timerId));
  const settings = useQuery(settingsToReadQuery(timerId, todayHere()));
  const copies = useQuery(copiesQuery(timerId));
  const propertyId = timer.data?.property.id;
  useQuery({ ...propertyQuery(propertyId ?? ''), enabled: propertyId !== undefined });
  useQuery({ ...jobsQuery(propertyId ?? ''), enabled: propertyId !== undefined });
  const last = lastOf(copies.data ?? []);
  const lastCopy = useQuery({ ...copyQuery(last?.id ?? ''), enabled: last !== undefined });
  const waiting = useOutbox()
    .filter(({ path, trouble }) => path === copiesPath(timerId) && !trouble)
    .map(({ body }) => body as CopyBody);
  const waitingLast = waiting.at(-1);
  return {
    queries: [timer, settings, copies, ...(last ? [lastCopy] : [])],
    timer: timer.data,
    /** What is saved on the desk, to be keyed in. */
    target: settings.data?.document,
    copies: copies.data ?? [],
    /** What is believed to be in the timer; null where nobody knows. */
    inTimer: waitingLast?.document ?? lastCopy.data?.document ?? null,
    /** Copies that wait on this device. */
    waiting,
  };
}

/** The copy that is in the timer, or else the newest. */
export const lastOf = (copies: readonly CopyListing[]): CopyListing | undefined =>
  copies.find(({ isInTimer }) => isInTimer) ?? copies.find(({ reason }) => reason !== 'planned');

/** Brings all that visits to some timers need onto the device. */
export function useTakeAlong(timerIds: readonly string[]): void {
  const client = useQueryClient();
  const copies = useQueries({ queries: timerIds.map((id) => copiesQuery(id)) });
  const lastIds = copies.flatMap(({ data }) => lastOf(data ?? [])?.id ?? []).join(' ');
  const timers = timerIds.join(' ');
  useEffect(() => {
    const on = todayHere();
    for (const id of timers.split(' ').filter(Boolean)) {
      void client.prefetchQuery(timerQuery(id));
      void client.prefetchQuery(settingsToReadQuery(id, on));
    }
    for (const id of lastIds.split(' ').filter(Boolean)) void client.prefetchQuery(copyQuery(id));
  }, [client, timers, lastIds]);
}
