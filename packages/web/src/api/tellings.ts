import { queryOptions } from '@tanstack/react-query';
import { KEPT } from './kept';
import { request, type Api } from './request';

export type Told = Api['TellingAnswer'];

const KEY = 'tellings';
export const tellingsKey = [KEY];

/** What households told and nobody has seen to, the newest first. */
export const openTellingsQuery = queryOptions({
  queryKey: [KEY, 'open'],
  queryFn: () => request('get', '/api/tellings'),
  // Whoever tells something is nobody's tab.
  staleTime: 0,
  ...KEPT,
});

/** All that was told of a timer, the newest first. */
export const tellingsQuery = (timerId: string) =>
  queryOptions({
    queryKey: [KEY, 'of', timerId],
    queryFn: () => request('get', '/api/timers/{timerId}/tellings', { path: { timerId } }),
    staleTime: 0,
    ...KEPT,
  });

export const changeTelling = (tellingId: string, isClosed: boolean): Promise<Told> =>
  request('patch', '/api/tellings/{tellingId}', { path: { tellingId }, body: { isClosed } });
