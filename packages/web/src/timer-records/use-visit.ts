import { copiesQuery } from '../api/copies';
import { useMutation, useQuery } from '@tanstack/react-query';
import { visitOf, type MadeEntry, type Visit, type VisitEntry } from '@water-clock/core/visits';
import { useCallback, useMemo } from 'react';
import { useWrite, type Write } from '../api/use-write';
import type { WriteName } from '../api/write-names';
import { jobsKey, visitQuery, visitsQuery } from '../api/visits';
import type { OutboxItem } from '../offline/outbox-item';
import { useOutbox, useSendLater } from '../offline/use-outbox';
import { todayHere } from '../format/today';
import { useSignedIn } from '../session/use-signed-in';

/** A visit that goes on, as far as this device knows. */
export interface OpenVisit {
  readonly id: string;
  readonly timerId: string;
  readonly startedAt: string;
  readonly startedBy: string;
  readonly visit: Visit;
  /** Makes an entry: it is on this device, and on its way to the server, when this is true. */
  readonly add: (entry: VisitEntry, words: string) => Promise<boolean>;
  /** Makes several, told as one. */
  readonly addAll: (entries: readonly VisitEntry[], words: string) => Promise<boolean>;
  readonly end: () => Promise<boolean>;
}

const makesJobs = ({ kind }: VisitEntry): boolean => kind === 'station' || kind === 'hardware';

interface Begun {
  readonly id: string;
  readonly startedAt: string;
}

interface EntryBody {
  readonly id: string;
  readonly seen: number;
  readonly observedAt: string;
  readonly document: VisitEntry;
}

const beginPath = (timerId: string) => `/timers/${timerId}/visits`;
const entriesPath = (visitId: string) => `/visits/${visitId}/entries`;

/** The visit to a timer that goes on; null where none does, undefined while nobody knows. */
export function useOpenVisit(timerId: string | undefined): OpenVisit | null | undefined {
  const { person } = useSignedIn();
  const waiting = useOutbox();
  const listed = useQuery({ ...visitsQuery(timerId ?? ''), enabled: timerId !== undefined });
  const pending = timerId === undefined ? null : pendingVisit(waiting, timerId, person.name);
  const ended = new Set(waiting.filter(({ method }) => method === 'PATCH').map(({ path }) => path));
  const open =
    pending ??
    listed.data?.find(({ id, endedAt }) => endedAt === null && !ended.has(`/visits/${id}`));
  const id = open?.id;
  const stored = useQuery({ ...visitQuery(id ?? ''), enabled: id !== undefined && !pending });
  const sendLater = useSendLater();

  const entries = useMemo((): readonly MadeEntry[] => {
    const known = (id !== undefined && stored.data?.entries) || [];
    const knownIds = new Set(known.map((one) => one.id));
    const own = waiting
      .filter(({ path, trouble }) => id !== undefined && path === entriesPath(id) && !trouble)
      .map(({ body }) => body as EntryBody)
      .filter((body) => !knownIds.has(body.id))
      .map(({ document, ...body }) => ({
        ...body,
        number: null,
        person: person.name,
        entry: document,
      }));
    return [...known, ...own];
  }, [stored.data, waiting, id, person.name]);
  const visit = useMemo(() => visitOf(entries), [entries]);
  const seen = Math.max(0, ...entries.map(({ number }) => number ?? 0));

  // Ticks may follow each other faster than the device keeps them: none waits for another.
  const { mutateAsync: send } = useMutation({
    mutationKey: ['visit-entry' satisfies WriteName],
    mutationFn: sendLater,
    networkMode: 'always',
  });
  const add = useCallback(
    (entry: VisitEntry, words: string) => {
      const body: EntryBody = {
        id: crypto.randomUUID(),
        seen,
        observedAt: new Date().toISOString(),
        document: entry,
      };
      return send({
        id: body.id,
        lane: timerId!,
        method: 'POST',
        path: entriesPath(id!),
        body,
        words,
        touches: [visitQuery(id!).queryKey, ...(makesJobs(entry) ? [jobsKey] : [])],
      }).then(
        () => true,
        () => false,
      );
    },
    [send, timerId, id, seen],
  );
  const addAll = useCallback(
    async (all: readonly VisitEntry[], words: string) => {
      for (const entry of all) if (!(await add(entry, words))) return false;
      return true;
    },
    [add],
  );
  const ending = useWrite('end-visit', () =>
    sendLater({
      id: crypto.randomUUID(),
      lane: timerId!,
      method: 'PATCH',
      path: `/visits/${id}`,
      body: { isEnded: true },
      words: 'The visit is over',
      // What stands in the timer is kept with it.
      touches: [visitsQuery(timerId!).queryKey, copiesQuery(timerId!).queryKey],
    }),
  );
  const { write: writeEnd } = ending;
  const end = useCallback(async () => (await writeEnd()) !== null, [writeEnd]);
  if (open && timerId !== undefined) {
    const { startedAt, startedBy } = open;
    return { id: open.id, timerId, startedAt, startedBy, visit, add, addAll, end };
  }
  return listed.data || listed.error ? null : undefined;
}

/** A visit that was begun on this device and has not come in yet. */
function pendingVisit(waiting: readonly OutboxItem[], timerId: string, startedBy: string) {
  const item = waiting.find(
    ({ path, method, trouble }) => path === beginPath(timerId) && method === 'POST' && !trouble,
  );
  return item && { ...(item.body as Begun), startedBy };
}

/** Begins a visit to a timer. */
export function useBeginVisit(timerId: string): Write<void, void> {
  const sendLater = useSendLater();
  return useWrite('begin-visit', () => {
    const body: Begun = { id: crypto.randomUUID(), startedAt: new Date().toISOString() };
    return sendLater({
      id: body.id,
      lane: timerId,
      method: 'POST',
      path: beginPath(timerId),
      body: { ...body, onDate: todayHere() },
      words: 'A visit begins',
      touches: [visitsQuery(timerId).queryKey],
      answers: visitQuery(body.id).queryKey,
    });
  });
}
