import type { TimerCapability, TimerHandling } from '@water-clock/core/timer-kinds';
import { queryOptions } from '@tanstack/react-query';
import { request } from './client';

export interface Kind {
  readonly id: string;
  readonly name: string;
  readonly summary: string;
  readonly capability: TimerCapability;
  readonly handling: TimerHandling;
  readonly version: number;
  /** How many timers are of this kind. */
  readonly timers: number;
}

export interface KindFields {
  readonly name: string;
  readonly summary: string;
  readonly capability: TimerCapability;
  readonly handling: TimerHandling;
}

export interface KindBreak {
  readonly timerId: string;
  readonly timer: string;
  readonly property: string;
  readonly programsLost: readonly string[];
  readonly findings: readonly string[];
}

/** The firm's own kinds. */
export const kindsQuery = queryOptions({
  queryKey: ['kinds'],
  queryFn: () => request<Kind[]>('/kinds'),
});

export const addKind = (fields: KindFields): Promise<Kind> =>
  request('/kinds', { method: 'POST', body: fields });

export const changeKind = (id: string, version: number, fields: KindFields): Promise<Kind> =>
  request(`/kinds/${id}`, { method: 'PUT', body: { ...fields, version } });

export const previewKind = (
  id: string,
  capability: TimerCapability,
  from: string,
): Promise<KindBreak[]> =>
  request(`/kinds/${id}/preview`, { method: 'POST', body: { capability, from } });

export const removeKind = (id: string): Promise<void> =>
  request(`/kinds/${id}`, { method: 'DELETE' });
