import type { QueryClient, QueryKey } from '@tanstack/react-query';
import { experimental_createQueryPersister } from '@tanstack/query-persist-client-core';
import { clear, createStore, del, get, set } from 'idb-keyval';

const STORE = createStore('water-clock-answers', 'answers');

/** Counts the shapes of answers: those of another shape are asked for anew. */
const SHAPE = '2';

const nothing = (): undefined => undefined;

/**
 * Answers that stay on the device, each by itself: queries marked `KEPT` find theirs there, and ask again all the
 * same. A device that keeps nothing for us works on with signal.
 */
export const keptAnswers = experimental_createQueryPersister({
  storage: {
    getItem: (key) => get<string>(key, STORE).catch(nothing),
    setItem: (key, value) => set(key, value, STORE).catch(nothing),
    removeItem: (key) => del(key, STORE).catch(nothing),
  },
  buster: SHAPE,
  maxAge: Infinity,
  prefix: 'answer',
  refetchOnRestore: 'always',
  filters: { predicate: ({ meta }) => meta?.['isKept'] === true },
});

/** Takes in an answer that came with a write, and keeps it on the device. */
export async function keepAnswer(
  client: QueryClient,
  queryKey: QueryKey,
  answer: unknown,
): Promise<void> {
  client.setQueryData(queryKey, answer);
  await keptAnswers.persistQueryByKey(queryKey, client);
}

/** Whoever signs in next finds nothing of the one before. */
export const forgetQueries = (): Promise<void> => clear(STORE).catch(nothing);
