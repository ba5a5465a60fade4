import { keepPreviousData, queryOptions } from '@tanstack/react-query';
import { request, type Api } from './request';

export type Found = Api['Found'];

/** Homes, timers, stations, open jobs and people that have all the words. */
export const searchQuery = (q: string) =>
  queryOptions({
    queryKey: ['search', q],
    queryFn: () => request('get', '/api/search', { query: { q } }),
    enabled: q !== '',
    placeholderData: keepPreviousData,
    gcTime: 0,
  });
