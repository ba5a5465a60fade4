import { keepPreviousData, queryOptions } from '@tanstack/react-query';
import type { Spans } from '@water-clock/core/dues';
import { KEPT } from './kept';
import { request, type Api } from './request';
import type { Firm } from './session';

export type Round = Api['RoundAnswer'];
export type VisitToday = Api['VisitToday'];
export type TimerToDo = Api['TimerToDo'];
export type PlannedVisit = Api['PlannedVisitAnswer'];
export type HomeOfVisit = Api['HomeOfVisit'];

const KEY = 'round';
export const roundKey = [KEY];

/** What is still being worked out is asked for again. */
const AGAIN_MS = 1500;

/** What there is to do: visits of a date, what is due, what needs somebody. */
export const roundQuery = (on: string, whose: 'mine' | 'firm') =>
  queryOptions({
    queryKey: [KEY, 'of', on, whose],
    queryFn: () => request('get', '/api/round', { query: { on, whose } }),
    staleTime: 0,
    refetchInterval: ({ state: { data } }) => data !== undefined && data.pending > 0 && AGAIN_MS,
    placeholderData: keepPreviousData,
    ...KEPT,
  });

export const plannedVisitsQuery = (from: string, to: string, whose: 'mine' | 'firm') =>
  queryOptions({
    queryKey: [KEY, 'planned', from, to, whose],
    queryFn: () => request('get', '/api/planned-visits', { query: { from, to, whose } }),
    staleTime: 0,
    placeholderData: keepPreviousData,
    ...KEPT,
  });

export const planVisit = (body: Api['NewPlannedVisit']): Promise<PlannedVisit> =>
  request('post', '/api/planned-visits', { body });

export const changePlannedVisit = ({
  id,
  ...body
}: Api['PlannedVisitChange'] & { readonly id: string }): Promise<PlannedVisit> =>
  request('patch', '/api/planned-visits/{plannedVisitId}', { path: { plannedVisitId: id }, body });

export const orderDay = (ids: readonly string[]): Promise<void> =>
  request('put', '/api/planned-visits/order', { body: { ids: [...ids] } });

export const removePlannedVisit = (id: string): Promise<void> =>
  request('delete', '/api/planned-visits/{plannedVisitId}', { path: { plannedVisitId: id } });

export const answerDue = ({
  timerId,
  ...body
}: Api['DueAnswerFields'] & { readonly timerId: string }): Promise<Api['DueAnswerAnswer']> =>
  request('post', '/api/timers/{timerId}/due-answers', { path: { timerId }, body });

export const withdrawDueAnswer = (answerId: string): Promise<void> =>
  request('delete', '/api/due-answers/{answerId}', { path: { answerId } });

/** The link to one's own planned visits: none, or one. */
export const calendarLinkQuery = queryOptions({
  queryKey: [KEY, 'calendar-link'],
  queryFn: () => request('get', '/api/calendar-link'),
});

export const renewCalendarLink = (): Promise<Api['NewCalendarLinkAnswer']> =>
  request('post', '/api/calendar-link');

export const withdrawCalendarLink = (): Promise<void> => request('delete', '/api/calendar-link');

export const setSpans = (document: Spans): Promise<Firm> =>
  request('put', '/api/firm/spans', { body: { document } });
