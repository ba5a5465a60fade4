import type { TimerCapability } from '@water-clock/core/timer-types';
import { queryOptions } from '@tanstack/react-query';
import { ApiError } from './client';
import { request, type Api } from './request';

export type TimerType = Api['TimerTypeAnswer'];
export type TimerTypeFields = Api['TimerTypeFields'];
export type TimerTypeBreak = Api['TimerTypeBreak'];

/** The firm's own timer types. */
export const timerTypesQuery = queryOptions({
  queryKey: ['timer-types'],
  queryFn: () => request('get', '/api/timer-types'),
});

/** A timer type as it is stored by now. */
export async function timerTypeNow(id: string): Promise<TimerType> {
  const found = (await request('get', '/api/timer-types')).find((type) => type.id === id);
  if (!found) throw new ApiError(404, 'Not found', 'This type was removed meanwhile.');
  return found;
}

export const addTimerType = (body: TimerTypeFields): Promise<TimerType> =>
  request('post', '/api/timer-types', { body });

export const changeTimerType = (
  timerTypeId: string,
  version: number,
  fields: TimerTypeFields,
): Promise<TimerType> =>
  request('put', '/api/timer-types/{timerTypeId}', {
    path: { timerTypeId },
    body: { ...fields, version },
  });

export const previewTimerType = (
  timerTypeId: string,
  capability: TimerCapability,
  from: string,
): Promise<readonly TimerTypeBreak[]> =>
  request('post', '/api/timer-types/{timerTypeId}/preview', {
    path: { timerTypeId },
    body: { capability, from },
  });

export const removeTimerType = (timerTypeId: string): Promise<void> =>
  request('delete', '/api/timer-types/{timerTypeId}', { path: { timerTypeId } });

export const bringBackTimerType = (timerTypeId: string): Promise<TimerType> =>
  request('post', '/api/timer-types/{timerTypeId}/bring-back', { path: { timerTypeId } });
