import { MutationCache, QueryClient } from '@tanstack/react-query';
import { ApiError, troubleInWords } from '../api/client';
import { listenToOtherTabs, tellOtherTabs } from '../api/other-tabs';
import { keptAnswers } from '../offline/kept-queries';

let tell: (words: string) => void = () => undefined;

/** Says who tells a person what went wrong with a write that does not say it at its place. */
export function tellWriteErrors(telling: (words: string) => void): () => void {
  tell = telling;
  return () => {
    tell = () => undefined;
  };
}

const mutationCache = new MutationCache({
  // Which write was asked for stands in the browser's own timeline.
  onMutate: (_input, { options }) => {
    performance.mark(`write ${String(options.mutationKey?.[0])}`);
  },
  onSuccess: async (_answer, _input, _result, { meta }) => {
    const touches = meta?.touches ?? [];
    if (touches.length === 0) return;
    tellOtherTabs(touches);
    await Promise.all(touches.map((queryKey) => queryClient.invalidateQueries({ queryKey })));
  },
  onError: (error, _input, _result, { meta }) => {
    if (!meta?.isToldHere) tell([meta?.lead, troubleInWords(error)].filter(Boolean).join(' '));
  },
});

export const queryClient = new QueryClient({
  mutationCache,
  defaultOptions: {
    queries: {
      // Whether there is a connection is found out by asking.
      networkMode: 'always',
      staleTime: 30_000,
      retry: (failures, error) =>
        failures < 2 && !(error instanceof ApiError && error.status < 500),
      persister: keptAnswers.persisterFn,
    },
  },
});

listenToOtherTabs(queryClient);
