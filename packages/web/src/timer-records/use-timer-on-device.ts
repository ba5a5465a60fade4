import { useQuery, type QueryClient } from '@tanstack/react-query';
import type { Confirmed, Plan } from '@water-clock/core/settings';
import type { Reading } from '@water-clock/core/visits';
import { copiesQuery, copyQuery, type CopyListing } from '../api/copies';
import { photosQuery } from '../api/photos';
import { propertyQuery, timersOfPropertyQuery } from '../api/properties';
import { tellingsQuery } from '../api/tellings';
import { settingsQuery, settingsToReadQuery, timerQuery, yardQuery } from '../api/timers';
import { jobsQuery, stationsSeenQuery, visitsQuery } from '../api/visits';
import { weatherQuery } from '../api/weather';
import { useStoredSettings } from '../offline/use-stored';
import { useOutbox } from '../offline/use-outbox';
import { todayHere } from '../format/today';

export interface CopyBody {
  readonly id: string;
  readonly reason: 'as-found' | 'left';
  readonly name: string;
  readonly madeAt: string;
  readonly document: Plan;
  /** Absent in what was queued before it was counted. */
  readonly confirmed?: Confirmed;
}

export const copiesPath = (timerId: string) => `/timers/${timerId}/copies`;

/** Copies of a timer that this device made and the server does not have yet, the oldest first. */
export const useWaitingCopies = (timerId: string): readonly CopyBody[] =>
  useOutbox()
    .filter(({ path, trouble }) => path === copiesPath(timerId) && !trouble)
    .map(({ body }) => body as CopyBody);

/** All of a timer that a visit needs, from the server or, without signal, from this device. */
export function useTimerOnDevice(timerId: string) {
  const timer = useQuery(timerQuery(timerId));
  const settings = useStoredSettings(timerId, { isToRead: true });
  const copies = useQuery(copiesQuery(timerId));
  const propertyId = timer.data?.property.id;
  useQuery({ ...propertyQuery(propertyId ?? ''), enabled: propertyId !== undefined });
  useQuery({ ...jobsQuery(propertyId ?? ''), enabled: propertyId !== undefined });
  const { last, lastCopy } = useLastCopy(timerId, copies.data ?? []);
  const waiting = useWaitingCopies(timerId);
  const newest = waiting.at(-1) ?? lastCopy.data ?? null;
  const reading: Reading | null = newest;
  return {
    queries: [timer, settings, copies, ...(last ? [lastCopy] : [])],
    timer: timer.data,
    /** What is saved on the desk, to be keyed in. */
    target: settings.data?.document,
    copies: copies.data ?? [],
    /** What was read off the timer last; null where nobody has. */
    reading,
    /** How much of it was truly read. */
    readingConfirmed: newest?.confirmed,
    /** Copies that wait on this device. */
    waiting,
  };
}

/**
 * What is believed to be in a timer, of its copies. Where a newer copy turns up, the one before stays until it has
 * come: what somebody is doing with it is never taken away from them. One of another timer never stays.
 */
export function useLastCopy(timerId: string, copies: readonly CopyListing[]) {
  const last = lastOf(copies);
  const lastCopy = useQuery({
    ...copyQuery(last?.id ?? ''),
    enabled: last !== undefined,
    placeholderData: (before) => (before?.timer.id === timerId ? before : undefined),
  });
  return { last, lastCopy };
}

/** The copy that is in the timer, or else the newest. */
export const lastOf = (copies: readonly CopyListing[]): CopyListing | undefined =>
  copies.find(({ isInTimer }) => isInTimer) ?? copies.find(({ reason }) => reason !== 'planned');

interface Saving {
  /** How many of them are there by now. */
  readonly onSaved?: (count: number) => void;
  /** Stops before the next of them; what is there stays. */
  readonly signal?: AbortSignal;
}

/**
 * Brings all that visits to some timers need onto the device, one after another; what is there already is not asked
 * for.
 */
export async function saveForOffline(
  client: QueryClient,
  timerIds: readonly string[],
  { onSaved, signal }: Saving = {},
): Promise<void> {
  const on = todayHere();
  for (const [index, id] of timerIds.entries()) {
    if (signal?.aborted) return;
    const [timer, copies] = await Promise.all([
      client.query(timerQuery(id)),
      client.query(copiesQuery(id)),
      client.query(settingsToReadQuery(id, on)),
      client.query(settingsQuery(id, on)),
      client.query(yardQuery(id)),
      client.query(visitsQuery(id)),
      client.query(stationsSeenQuery(id)),
      client.query(tellingsQuery(id)),
    ]);
    const last = lastOf(copies);
    await Promise.all([
      client.query(propertyQuery(timer.property.id)),
      client.query(jobsQuery(timer.property.id)),
      client.query(photosQuery(timer.property.id)),
      client.query(timersOfPropertyQuery(timer.property.id, on)),
      client.query(weatherQuery(timer.property.weatherId)),
      ...(last ? [client.query(copyQuery(last.id))] : []),
    ]);
    onSaved?.(index + 1);
  }
}
