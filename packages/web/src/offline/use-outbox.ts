import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useSyncExternalStore } from 'react';
import { keepNow } from './kept-queries';
import { useSignedIn } from '../session/use-signed-in';
import { outbox, type OutboxItem } from './outbox';

/** Without an event that says so, a connection is looked for this often while something waits. */
const LOOK_AGAIN_MILLISECONDS = 5000;

/** What waits on this device, of whoever is signed in. */
export function useOutbox(): readonly OutboxItem[] {
  const { person } = useSignedIn();
  const all = useSyncExternalStore(outbox.subscribe, outbox.snapshot);
  return useMemo(() => all.filter(({ personId }) => personId === person.id), [all, person.id]);
}

/** Sends what waits: at once, when the connection is back, and every few seconds. */
export function useFlush(): () => Promise<void> {
  const { person } = useSignedIn();
  const client = useQueryClient();
  return useCallback(
    () =>
      outbox.flush(person.id, async ({ touches, answers }, answer) => {
        if (answers) client.setQueryData(answers, answer);
        await Promise.all(
          touches.map((queryKey) => client.invalidateQueries({ queryKey, refetchType: 'all' })),
        );
        // Were it forgotten here before it is kept there, it would be gone without signal.
        await keepNow();
      }),
    [person.id, client],
  );
}

export function useFlushing(): void {
  const flush = useFlush();
  const isWaiting = useOutbox().some(({ trouble }) => !trouble);
  useEffect(() => {
    void flush();
    window.addEventListener('online', flush);
    return () => window.removeEventListener('online', flush);
  }, [flush]);
  useEffect(() => {
    if (!isWaiting) return;
    const timer = setInterval(() => void flush(), LOOK_AGAIN_MILLISECONDS);
    return () => clearInterval(timer);
  }, [isWaiting, flush]);
}

/** Makes a change that goes to the server now, or as soon as there is a connection. */
export function useSendLater(): (
  change: Omit<OutboxItem, 'madeAt' | 'personId' | 'trouble'>,
) => Promise<void> {
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
