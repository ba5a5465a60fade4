import { keepPreviousData, queryOptions } from '@tanstack/react-query';
import { KEPT } from './kept';
import { request, type Api } from './request';

export type Rollout = Api['RolloutAnswer'];
export type RolloutListing = Api['RolloutListing'];
export type TimerOfRollout = Api['TimerOfRollout'];
export type DoneOfChange = Api['DoneOfChange'];
export type Which = 'all' | 'accepted' | NonNullable<TimerOfRollout['outcome']>;

const KEY = 'rollouts';
export const rolloutsKey = [KEY];

/** While it is tried, or worked out, it is asked for again. */
const AGAIN_MS = 1000;
/** What nobody here does is done by others: on the phone, at a home. */
const NOW_AND_THEN_MS = 15_000;

export const rolloutsQuery = queryOptions({
  queryKey: [KEY, 'all'],
  queryFn: () => request('get', '/api/rollouts'),
  staleTime: 0,
  ...KEPT,
});

/** When a change, and what it comes to at its timers, is to be asked for again. */
export const againAfterMs = ({ state, pending }: Rollout): number =>
  state === 'working' || pending > 0 ? AGAIN_MS : NOW_AND_THEN_MS;

export const rolloutQuery = (id: string, on: string) =>
  queryOptions({
    queryKey: [KEY, 'one', id, on],
    queryFn: () =>
      request('get', '/api/rollouts/{rolloutId}', { path: { rolloutId: id }, query: { on } }),
    staleTime: 0,
    refetchInterval: ({ state: { data } }) => (data ? againAfterMs(data) : NOW_AND_THEN_MS),
  });

/** Timers of a change, never older than the counts that stand above them. */
export const rolloutTimersQuery = (
  { id, outcomes, fixed, accepted, progress, pending }: Rollout,
  query: {
    readonly on: string;
    readonly which: Which;
    readonly skip: number;
    readonly take: number;
  },
) =>
  queryOptions({
    queryKey: [KEY, 'timers', id, query, { outcomes, fixed, accepted, progress, pending }],
    queryFn: () =>
      request('get', '/api/rollouts/{rolloutId}/timers', { path: { rolloutId: id }, query }),
    staleTime: 0,
    placeholderData: keepPreviousData,
  });

/** Where the table for a spreadsheet is. */
export const rolloutFile = (id: string, on: string): string =>
  `/api/rollouts/${id}/timers.csv?on=${on}`;

export const tryChange = (body: Api['NewRollout']): Promise<Rollout> =>
  request('post', '/api/rollouts', { body });

const at = (id: string) => ({ path: { rolloutId: id } });

export const stopRollout = ({ id, on }: { id: string; on: string }): Promise<Rollout> =>
  request('post', '/api/rollouts/{rolloutId}/stop', { ...at(id), query: { on } });

export const goOnWithRollout = ({ id, on }: { id: string; on: string }): Promise<Rollout> =>
  request('post', '/api/rollouts/{rolloutId}/go-on', { ...at(id), query: { on } });

/** Absent `timerIds`: the next hundred that can be accepted. */
export const acceptChange = ({
  id,
  timerIds,
}: {
  readonly id: string;
  readonly timerIds?: readonly string[];
}): Promise<DoneOfChange> =>
  request('post', '/api/rollouts/{rolloutId}/accept', {
    ...at(id),
    body: { ...(timerIds && { timerIds: [...timerIds] }) },
  });

export const withdrawChange = ({
  id,
  timerIds,
}: {
  readonly id: string;
  readonly timerIds: readonly string[];
}): Promise<DoneOfChange> =>
  request('post', '/api/rollouts/{rolloutId}/withdraw', {
    ...at(id),
    body: { timerIds: [...timerIds] },
  });

/** Looks longer for the fix of one timer. */
export const lookLonger = ({
  id,
  timerId,
}: {
  readonly id: string;
  readonly timerId: string;
}): Promise<void> =>
  request('post', '/api/rollouts/{rolloutId}/timers/{timerId}/look-longer', {
    path: { rolloutId: id, timerId },
  });

export const putInForce = (id: string): Promise<void> =>
  request('post', '/api/rollouts/{rolloutId}/put-in-force', at(id));

export const closeRollout = ({
  id,
  isClosed,
}: {
  readonly id: string;
  readonly isClosed: boolean;
}): Promise<void> =>
  request('put', '/api/rollouts/{rolloutId}/closed', { ...at(id), body: { isClosed } });

export const noteMessage = ({
  id,
  timerId,
}: {
  readonly id: string;
  readonly timerId: string;
}): Promise<void> =>
  request('put', '/api/rollouts/{rolloutId}/timers/{timerId}/messaged', {
    path: { rolloutId: id, timerId },
  });
