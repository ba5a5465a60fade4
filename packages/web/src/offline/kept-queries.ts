import type { Query, QueryClient, QueryFunctionContext, QueryKey } from '@tanstack/react-query';
import { experimental_createQueryPersister } from '@tanstack/query-persist-client-core';
import { ApiError } from '../api/client';
import { clear, createStore, del, get, set } from 'idb-keyval';

const STORE = createStore('water-clock-answers', 'answers');

/** Counts the shapes of answers: those of another shape are asked for anew. */
const SHAPE = '11';

const nothing = (): undefined => undefined;

/** When all was forgotten last: what is older and still on its way to the device does not come onto it. */
let forgottenAt = 0;
const FORGOTTEN = '';

const persister = experimental_createQueryPersister({
  storage: {
    getItem: (key) => get<string>(key, STORE).catch(nothing),
    setItem: async (key, value) => {
      if (value !== FORGOTTEN) await set(key, value, STORE).catch(nothing);
    },
    removeItem: (key) => del(key, STORE).catch(nothing),
  },
  serialize: (query) =>
    query.state.dataUpdatedAt <= forgottenAt ? FORGOTTEN : JSON.stringify(query),
  buster: SHAPE,
  maxAge: Infinity,
  prefix: 'answer',
  // It asks again without hearing what comes of it: without signal that would be an error of nobody's.
  refetchOnRestore: false,
  filters: { predicate: ({ meta }) => meta?.['isKept'] === true },
});

/** The answer of the server, kept; without connection the one that was kept last. */
async function askedFirst<Answer, Key extends QueryKey>(
  ask: (context: QueryFunctionContext<Key>) => Answer | Promise<Answer>,
  context: QueryFunctionContext<Key>,
  query: Query,
): Promise<Answer> {
  try {
    const answer = await ask(context);
    // Once it is the answer of the query.
    setTimeout(() => void persister.persistQuery(query).catch(nothing));
    return answer;
  } catch (error) {
    if (!(error instanceof ApiError) || error.status !== 0) throw error;
    const kept = await persister.retrieveQuery<Answer>(query.queryHash);
    if (kept === undefined) throw error;
    return kept;
  }
}

/**
 * Answers that stay on the device, each by itself: queries marked `KEPT` find theirs there, and ask again all the
 * same. A device that keeps nothing for us works on with signal.
 */
export const keptAnswers = {
  ...persister,
  persisterFn: async <Answer, Key extends QueryKey>(
    ask: (context: QueryFunctionContext<Key>) => Answer | Promise<Answer>,
    context: QueryFunctionContext<Key>,
    query: Query,
  ): Promise<Answer> => {
    if (query.meta?.['isAskedFirst'] === true) return askedFirst(ask, context, query);
    const asked: unknown[] = [];
    const asking = (given: QueryFunctionContext<Key>) => {
      asked.push(given);
      return ask(given);
    };
    const answer = await persister.persisterFn(asking, context, query);
    // Once the answer of the device is shown: the query has but one answer at a time.
    if (asked.length === 0) setTimeout(() => void query.fetch().catch(nothing));
    return answer;
  },
};

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
export function forgetQueries(): Promise<void> {
  forgottenAt = Date.now();
  return clear(STORE).catch(nothing);
}
