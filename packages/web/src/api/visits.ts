import type { StationFault, VisitEntry } from '@water-clock/core/visits';
import { queryOptions } from '@tanstack/react-query';
import { KEPT } from './kept';
import { request } from './client';

export interface VisitListing {
  readonly id: string;
  readonly timerId: string;
  readonly startedAt: string;
  readonly startedBy: string;
  readonly endedAt: string | null;
  readonly endedBy: string;
}

export interface RecordedEntry {
  readonly id: string;
  readonly number: number;
  readonly seen: number;
  readonly person: string;
  readonly observedAt: string;
  readonly entry: VisitEntry;
}

export interface StoredVisit extends VisitListing {
  readonly entries: readonly RecordedEntry[];
}

export interface Job {
  readonly id: string;
  readonly timerId: string;
  readonly timer: string;
  readonly station: number;
  readonly fault: StationFault;
  readonly note: string;
  readonly foundAt: string;
  readonly foundBy: string;
  readonly doneAt: string | null;
  readonly doneBy: string;
}

const KEY = 'visits';
export const jobsKey = [KEY, 'jobs'];

/** The visits to a timer, the newest first. */
export const visitsQuery = (timerId: string) =>
  queryOptions({
    queryKey: [KEY, 'of', timerId],
    queryFn: () => request<VisitListing[]>(`/timers/${timerId}/visits`),
    ...KEPT,
  });

export const visitQuery = (visitId: string) =>
  queryOptions({
    queryKey: [KEY, 'one', visitId],
    queryFn: () => request<StoredVisit>(`/visits/${visitId}`),
    staleTime: 5000,
    ...KEPT,
  });

/** The jobs at a property. */
export const jobsQuery = (propertyId: string) =>
  queryOptions({
    queryKey: [KEY, 'jobs', propertyId],
    queryFn: () => request<Job[]>(`/properties/${propertyId}/jobs`),
    ...KEPT,
  });

export const changeJob = (jobId: string, isDone: boolean): Promise<Job> =>
  request(`/jobs/${jobId}`, { method: 'PATCH', body: { isDone } });
