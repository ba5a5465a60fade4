import { dehydrate, hydrate, type QueryClient } from '@tanstack/react-query';
import { createStore, del, get, set } from 'idb-keyval';

const STORE = createStore('water-clock-answers', 'answers');
const KEY = 'all';
/** Soon, and yet not for every one of many answers that come together. */
const WAIT_MILLISECONDS = 100;

/** Brings back what was kept on the device; whatever can no longer be read is none. */
export async function bringBackQueries(client: QueryClient): Promise<void> {
  const kept = await get<unknown>(KEY, STORE).catch(() => undefined);
  if (kept) hydrate(client, kept, { defaultOptions: { queries: { gcTime: Infinity } } });
}

let keeping: QueryClient | null = null;

/** Keeps all answers on the device as they are now. */
export async function keepNow(): Promise<void> {
  if (!keeping) return;
  const state = dehydrate(keeping, {
    shouldDehydrateMutation: () => false,
    shouldDehydrateQuery: ({ meta, state: { data } }) =>
      meta?.['isKept'] === true && data !== undefined,
  });
  // An answer stays one though asking again failed: without signal it always does.
  const queries = state.queries.map((query) => ({
    ...query,
    state: { ...query.state, status: 'success', error: null, fetchFailureReason: null },
  }));
  // A device without room for it works on with signal.
  await set(KEY, JSON.parse(JSON.stringify({ ...state, queries })), STORE).catch(() => undefined);
}

/** Keeps answers on the device as they come, until the page is left. */
export function keepQueries(client: QueryClient): void {
  keeping = client;
  let timer: number | undefined;
  client.getQueryCache().subscribe(({ type, query }) => {
    if (query.meta?.['isKept'] !== true) return;
    if (type !== 'updated' && type !== 'removed') return;
    clearTimeout(timer);
    timer = window.setTimeout(() => void keepNow(), WAIT_MILLISECONDS);
  });
}

/** Whoever signs in next finds nothing of the one before. */
export const forgetQueries = (): Promise<void> => del(KEY, STORE);
