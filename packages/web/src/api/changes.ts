import { infiniteQueryOptions } from '@tanstack/react-query';
import { request, type Api } from './request';

export type Change = Api['ChangeAnswer'];

/** Which of the changes are wanted; without a property those of the whole firm. */
export interface ChangesWanted {
  readonly propertyId?: string;
  readonly personId?: string;
  readonly kind?: Change['kind'];
}

const defined = (wanted: ChangesWanted): Record<string, string> =>
  Object.fromEntries(Object.entries(wanted).filter(([, value]) => value !== undefined));

export const changesQuery = (wanted: ChangesWanted) =>
  infiniteQueryOptions({
    queryKey: ['changes', wanted],
    queryFn: ({ pageParam }) =>
      request('get', '/api/changes', {
        query: { ...defined(wanted), ...(pageParam > 0 && { before: pageParam }) },
      }),
    initialPageParam: 0,
    getNextPageParam: ({ rows, hasMore }) => (hasMore ? rows.at(-1)?.id : undefined),
    staleTime: 0,
  });

/** Where all of them are had as a table for a spreadsheet. */
export const changesFile = (wanted: ChangesWanted): string =>
  `/api/changes.csv?${new URLSearchParams(defined(wanted)).toString()}`;
