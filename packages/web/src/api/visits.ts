import { queryOptions } from '@tanstack/react-query';
import type { CoilLimits } from '@water-clock/core/visits';
import { KEPT } from './kept';
import { request, type Api } from './request';

export type VisitListing = Api['VisitListing'];
export type RecordedEntry = Api['EntryAnswer'];
export type StoredVisit = Api['VisitAnswer'];
export type Job = Api['JobAnswer'];

const KEY = 'visits';
export const jobsKey = [KEY, 'jobs'];

/** The visits to a timer, the newest first. */
export const visitsQuery = (timerId: string) =>
  queryOptions({
    queryKey: [KEY, 'of', timerId],
    queryFn: () => request('get', '/api/timers/{timerId}/visits', { path: { timerId } }),
    ...KEPT,
  });

export const visitQuery = (visitId: string) =>
  queryOptions({
    queryKey: [KEY, 'one', visitId],
    queryFn: () => request('get', '/api/visits/{visitId}', { path: { visitId } }),
    staleTime: 5000,
    ...KEPT,
  });

/** What was seen and read of stations at the last visits to a timer, the oldest first. */
export const stationsSeenQuery = (timerId: string) =>
  queryOptions({
    queryKey: [KEY, 'stations', timerId],
    queryFn: () => request('get', '/api/timers/{timerId}/stations-seen', { path: { timerId } }),
    ...KEPT,
  });

/** The jobs at a property. */
export const jobsQuery = (propertyId: string) =>
  queryOptions({
    queryKey: [KEY, 'jobs', propertyId],
    queryFn: () => request('get', '/api/properties/{propertyId}/jobs', { path: { propertyId } }),
    ...KEPT,
  });

export type JobOfFirm = Api['JobOfFirm'];

/** The jobs of the firm: all that are to be done, and those done last. */
export const allJobsQuery = queryOptions({
  queryKey: [KEY, 'jobs', 'of-firm'],
  queryFn: () => request('get', '/api/jobs'),
  staleTime: 0,
  ...KEPT,
});

export const changeJobWork = ({
  id,
  ...body
}: Api['JobWork'] & { readonly id: string }): Promise<JobOfFirm> =>
  request('put', '/api/jobs/{jobId}/work', { path: { jobId: id }, body });

export const changeJob = (jobId: string, isDone: boolean): Promise<Job> =>
  request('patch', '/api/jobs/{jobId}', { path: { jobId }, body: { isDone } });

export const setCoilLimits = (document: CoilLimits): Promise<Api['FirmAnswer']> =>
  request('put', '/api/firm/coil-limits', { body: { document } });
