import { dehydrate, hydrate, type QueryClient } from '@tanstack/react-query';
import { createStore, del, get, set } from 'idb-keyval';

/** Given to a query whose answer stays on the device, to be there without signal. */
export const KEPT = { gcTime: Infinity, meta: { isKept: true } } as const;

const STORE = createStore('water-clock-answers', 'answers');
const KEY = 'all';
const WAIT_MILLISECONDS = 400;

/** Brings back what was kept on the device; whatever can no longer be read is none. */
export async function bringBackQueries(client: QueryClient): Promise<void> {
  const kept = await get<unknown>(KEY, STORE).catch(() => undefined);
  if (kept) hydrate(client, kept, { defaultOptions: { queries: { gcTime: Infinity } } });
}

/** Keeps answers on the device as they come, until the page is left. */
export function keepQueries(client: QueryClient): void {
  let timer: number | undefined;
  const save = () => {
    const state = dehydrate(client, {
      shouldDehydrateMutation: () => false,
      shouldDehydrateQuery: ({ meta, state: { status } }) =>
        meta?.['isKept'] === true && status === 'success',
    });
    // A device without room for it works on with signal.
    void set(KEY, JSON.parse(JSON.stringify(state)), STORE).catch(() => undefined);
  };
  client.getQueryCache().subscribe(({ type }) => {
    if (type !== 'updated' && type !== 'removed') return;
    clearTimeout(timer);
    timer = window.setTimeout(save, WAIT_MILLISECONDS);
  });
}

/** Whoever signs in next finds nothing of the one before. */
export const forgetQueries = (): Promise<void> => del(KEY, STORE);
