import type { Plan } from '@water-clock/core/settings';
import type { Yard } from '@water-clock/core/yards';
import type { TimerHandling } from '@water-clock/core/timer-types';
import { queryOptions } from '@tanstack/react-query';
import { KEPT } from './kept';
import { request } from './client';
import type { Property } from './properties';

export interface Timer {
  readonly id: string;
  readonly name: string;
  readonly timerTypeId: string | null;
  readonly hasOwnBackup: boolean | null;
  /** How timers of its kind are used. */
  readonly handling: TimerHandling;
  readonly property: Property;
}

/** A document as it is stored, and which save it comes from. */
export interface Stored<Document> {
  readonly timerId: string;
  readonly version: number;
  readonly savedAt: string;
  /** A name; empty where nobody is known. */
  readonly savedBy: string;
  readonly document: Document;
}

export type StoredSettings = Stored<Plan>;
export type StoredYard = Stored<Yard>;

const KEY = 'timers';
export const timersKey = [KEY];

export const timerQuery = (timerId: string) =>
  queryOptions({
    queryKey: [KEY, 'one', timerId],
    queryFn: () => request<Timer>(`/timers/${timerId}`),
    ...KEPT,
  });

/** What is edited is never refreshed under the hands of the editor. */
const EDITED = { staleTime: Infinity, gcTime: 0 } as const;

/** The stored settings, with the rules that hold on a date (YYYY-MM-DD). */
export const settingsQuery = (timerId: string, on: string) =>
  queryOptions({
    queryKey: [KEY, 'settings', timerId],
    queryFn: () => request<StoredSettings>(`/timers/${timerId}/settings?on=${on}`),
    ...EDITED,
  });

/** The stored settings to be read, not edited: they are kept on the device, and renewed. */
export const settingsToReadQuery = (timerId: string, on: string) =>
  queryOptions({
    queryKey: [KEY, 'settings-to-read', timerId],
    queryFn: () => request<StoredSettings>(`/timers/${timerId}/settings?on=${on}`),
    staleTime: 0,
    ...KEPT,
  });

export const yardQuery = (timerId: string) =>
  queryOptions({
    queryKey: [KEY, 'yard', timerId],
    queryFn: () => request<StoredYard>(`/timers/${timerId}/yard`),
    ...EDITED,
  });

interface TimerFields {
  readonly name: string;
  readonly timerTypeId?: string;
  readonly document: unknown;
}

export const addTimer = (propertyId: string, fields: TimerFields): Promise<Timer> =>
  request(`/properties/${propertyId}/timers`, { method: 'POST', body: fields });

export const changeTimer = (
  timerId: string,
  change: { name?: string; hasOwnBackup?: boolean },
): Promise<Timer> => request(`/timers/${timerId}`, { method: 'PATCH', body: change });

export const saveSettings = (
  timerId: string,
  on: string,
  version: number,
  document: Plan,
): Promise<StoredSettings> =>
  request(`/timers/${timerId}/settings?on=${on}`, { method: 'PUT', body: { version, document } });

export const saveYard = (timerId: string, version: number, document: Yard): Promise<StoredYard> =>
  request(`/timers/${timerId}/yard`, { method: 'PUT', body: { version, document } });
