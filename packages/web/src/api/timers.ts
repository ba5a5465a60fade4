import type { Plan } from '@water-clock/core/settings';
import { queryOptions } from '@tanstack/react-query';
import { request } from './client';
import type { Property } from './properties';

export interface TimerListing {
  readonly id: string;
  readonly name: string;
  readonly property: Property;
  readonly kind: string | null;
  readonly stations: number;
  readonly programs: readonly string[];
  readonly outlook: {
    readonly collisions: number;
    readonly firstCollision: string | null;
    readonly runs: number;
  };
}

export interface Timer {
  readonly id: string;
  readonly name: string;
  readonly property: Property;
}

export interface StoredSettings {
  readonly timerId: string;
  readonly version: number;
  readonly savedAt: string;
  readonly document: Plan;
}

const KEY = 'timers';

/** All timers, each with what fourteen nights from `from` (YYYY-MM-DD) bring. */
export const timersQuery = (from: string) =>
  queryOptions({
    queryKey: [KEY, 'list', from],
    queryFn: () => request<TimerListing[]>(`/timers?from=${from}`),
    staleTime: 0,
  });

export const timerQuery = (timerId: string) =>
  queryOptions({
    queryKey: [KEY, 'one', timerId],
    queryFn: () => request<Timer>(`/timers/${timerId}`),
  });

/** The stored settings; never refreshed under the hands of somebody who is editing them. */
export const settingsQuery = (timerId: string) =>
  queryOptions({
    queryKey: [KEY, 'settings', timerId],
    queryFn: () => request<StoredSettings>(`/timers/${timerId}/settings`),
    staleTime: Infinity,
    gcTime: 0,
  });

export const addTimer = (propertyId: string, name: string, document: unknown): Promise<Timer> =>
  request(`/properties/${propertyId}/timers`, { method: 'POST', body: { name, document } });

export const saveSettings = (
  timerId: string,
  version: number,
  document: Plan,
): Promise<StoredSettings> =>
  request(`/timers/${timerId}/settings`, { method: 'PUT', body: { version, document } });
