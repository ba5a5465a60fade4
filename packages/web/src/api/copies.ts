import type { CopyReason } from '@water-clock/core/property-file';
import type { Plan } from '@water-clock/core/settings';
import { queryOptions } from '@tanstack/react-query';
import { KEPT } from './kept';
import { request } from './client';
import type { Timer } from './timers';

export interface CopyListing {
  readonly id: string;
  /** Counts the copies of the timer. */
  readonly number: number;
  readonly name: string;
  readonly reason: CopyReason;
  readonly person: string;
  readonly madeAt: string;
  readonly isInTimer: boolean;
}

export interface Copy extends CopyListing {
  readonly timer: Timer;
  readonly document: Plan;
}

const KEY = 'copies';
export const copiesKey = [KEY];

/** The copies of a timer, the newest first. */
export const copiesQuery = (timerId: string) =>
  queryOptions({
    queryKey: [KEY, 'of', timerId],
    queryFn: () => request<CopyListing[]>(`/timers/${timerId}/copies`),
    staleTime: 0,
    ...KEPT,
  });

export const copyQuery = (copyId: string) =>
  queryOptions({
    queryKey: [KEY, 'one', copyId],
    queryFn: () => request<Copy>(`/copies/${copyId}`),
    ...KEPT,
  });

export const addCopy = (
  timerId: string,
  fields: { reason: 'as-found' | 'planned' | 'left'; name: string; document: Plan },
): Promise<Copy> => request(`/timers/${timerId}/copies`, { method: 'POST', body: fields });

export const changeCopy = (
  copyId: string,
  change: { name?: string; isInTimer?: boolean },
): Promise<Copy> => request(`/copies/${copyId}`, { method: 'PATCH', body: change });
