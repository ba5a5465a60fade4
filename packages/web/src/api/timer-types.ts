import type { TimerCapability, TimerHandling } from '@water-clock/core/timer-types';
import { queryOptions } from '@tanstack/react-query';
import { request } from './client';

export interface TimerType {
  readonly id: string;
  readonly name: string;
  readonly summary: string;
  readonly capability: TimerCapability;
  readonly handling: TimerHandling;
  readonly version: number;
  /** How many timers are of this type. */
  readonly timers: number;
}

export interface TimerTypeFields {
  readonly name: string;
  readonly summary: string;
  readonly capability: TimerCapability;
  readonly handling: TimerHandling;
}

export interface TimerTypeBreak {
  readonly timerId: string;
  readonly timer: string;
  readonly property: string;
  readonly programsLost: readonly string[];
  readonly findings: readonly string[];
}

/** The firm's own timer types. */
export const timerTypesQuery = queryOptions({
  queryKey: ['timer-types'],
  queryFn: () => request<TimerType[]>('/timer-types'),
});

export const addTimerType = (fields: TimerTypeFields): Promise<TimerType> =>
  request('/timer-types', { method: 'POST', body: fields });

export const changeTimerType = (
  id: string,
  version: number,
  fields: TimerTypeFields,
): Promise<TimerType> =>
  request(`/timer-types/${id}`, { method: 'PUT', body: { ...fields, version } });

export const previewTimerType = (
  id: string,
  capability: TimerCapability,
  from: string,
): Promise<TimerTypeBreak[]> =>
  request(`/timer-types/${id}/preview`, { method: 'POST', body: { capability, from } });

export const removeTimerType = (id: string): Promise<void> =>
  request(`/timer-types/${id}`, { method: 'DELETE' });
