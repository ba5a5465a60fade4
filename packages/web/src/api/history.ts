import { queryOptions } from '@tanstack/react-query';
import { KEPT } from './kept';
import { request, type Api } from './request';

export type HomeEvent = Api['HomeEvent'];

/** Holds, rules, messages, dues and weather of a home, the newest first. */
export const homeEventsQuery = (propertyId: string) =>
  queryOptions({
    queryKey: ['home-events', propertyId],
    queryFn: () => request('get', '/api/properties/{propertyId}/events', { path: { propertyId } }),
    // They follow from what is changed on many screens.
    staleTime: 0,
    ...KEPT,
  });
