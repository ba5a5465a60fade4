import { queryOptions } from '@tanstack/react-query';
import { KEPT } from './kept';
import { request, type Api } from './request';

export type CopyListing = Api['CopyListing'];
export type Copy = Api['CopyAnswer'];

const KEY = 'copies';
export const copiesKey = [KEY];

/** The copies of a timer, the newest first. */
export const copiesQuery = (timerId: string) =>
  queryOptions({
    queryKey: [KEY, 'of', timerId],
    queryFn: () => request('get', '/api/timers/{timerId}/copies', { path: { timerId } }),
    // Several parts of a screen that opens ask once.
    staleTime: 2000,
    ...KEPT,
  });

export const copyQuery = (copyId: string) =>
  queryOptions({
    queryKey: [KEY, 'one', copyId],
    queryFn: () => request('get', '/api/copies/{copyId}', { path: { copyId } }),
    ...KEPT,
  });

export const addCopy = (timerId: string, body: Api['CopyFields']): Promise<Copy> =>
  request('post', '/api/timers/{timerId}/copies', { path: { timerId }, body });

export const changeCopy = (copyId: string, body: Api['CopyChange']): Promise<Copy> =>
  request('patch', '/api/copies/{copyId}', { path: { copyId }, body });
