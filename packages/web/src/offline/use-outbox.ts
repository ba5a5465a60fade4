import { hashKey, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useSyncExternalStore } from 'react';
import { tellOtherTabs } from '../api/other-tabs';
import { useSignedIn } from '../session/use-signed-in';
import { keepAnswer, keptAnswers } from './kept-queries';
import { outbox } from './browser-outbox';
import type { OutboxItem } from './outbox-item';

/** Without an event that says so, a connection is looked for this often while something waits. */
const LOOK_AGAIN_MILLISECONDS = 2000;

/** What waits on this device, of whoever is signed in. */
export function useOutbox(): readonly OutboxItem[] {
  const { person } = useSignedIn();
  const all = useSyncExternalStore(outbox.subscribe, outbox.snapshot);
  return useMemo(() => all.filter(({ personId }) => personId === person.id), [all, person.id]);
}

/** Sends what waits. */
export function useFlush(): () => Promise<void> {
  const { person } = useSignedIn();
  const client = useQueryClient();
  return useCallback(
    () =>
      outbox.flush(person.id, async (sent) => {
        for (const { item, answer } of sent)
          if (item.answers) await keepAnswer(client, item.answers, answer);
        const touches = [
          ...new Map(
            sent.flatMap(({ item }) => item.touches).map((key) => [hashKey(key), key]),
          ).values(),
        ];
        tellOtherTabs(touches);
        await Promise.all(
          touches.map((queryKey) => client.invalidateQueries({ queryKey, refetchType: 'all' })),
        );
        // Were it forgotten here before it is kept there, it would be gone without signal.
        await Promise.all(
          touches.flatMap((queryKey) =>
            client
              .getQueryCache()
              .findAll({ queryKey })
              .filter(({ meta, state }) => meta?.['isKept'] === true && state.data !== undefined)
              .map((query) => keptAnswers.persistQuery(query)),
          ),
        );
      }),
    [person.id, client],
  );
}

/** Sends what waits: at once, when the connection is back, and every few seconds. */
export function useFlushing(): void {
  const flush = useFlush();
  const isWaiting = useOutbox().some(({ trouble }) => !trouble);
  useEffect(() => {
    const hurry = () => void outbox.hurry().then(flush);
    hurry();
    window.addEventListener('online', hurry);
    return () => window.removeEventListener('online', hurry);
  }, [flush]);
  useEffect(() => {
    if (!isWaiting) return;
    const timer = setInterval(() => void flush(), LOOK_AGAIN_MILLISECONDS);
    return () => clearInterval(timer);
  }, [isWaiting, flush]);
}

export type Change = Pick<
  OutboxItem,
  'id' | 'lane' | 'method' | 'path' | 'body' | 'words' | 'touches'
> &
  Partial<Pick<OutboxItem, 'answers' | 'save'>>;

/**
 * Makes a change that goes to the server now, or as soon as there is a connection. Done when it is on the device;
 * rejects where it cannot be kept there.
 */
export function useSendLater(): (change: Change) => Promise<void> {
  const { person } = useSignedIn();
  const flush = useFlush();
  return useCallback(
    async (change) => {
      await outbox.add({ ...change, madeAt: new Date().toISOString(), personId: person.id });
      void flush();
    },
    [person.id, flush],
  );
}
