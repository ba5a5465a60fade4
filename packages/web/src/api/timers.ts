import type { Plan } from '@water-clock/core/settings';
import type { Yard } from '@water-clock/core/yards';
import { queryOptions } from '@tanstack/react-query';
import { EDITED, KEPT } from './kept';
import { request, type Api } from './request';

export type Timer = Api['TimerAnswer'];
export type StoredSettings = Api['SettingsAnswer'];
export type StoredYard = Api['YardAnswer'];

const KEY = 'timers';
export const timersKey = [KEY];

export const timerQuery = (timerId: string) =>
  queryOptions({
    queryKey: [KEY, 'one', timerId],
    queryFn: () => request('get', '/api/timers/{timerId}', { path: { timerId } }),
    ...KEPT,
  });

export const storedSettings = (timerId: string, on: string): Promise<StoredSettings> =>
  request('get', '/api/timers/{timerId}/settings', { path: { timerId }, query: { on } });

/** The stored settings, with the rules that hold on a date (YYYY-MM-DD). */
export const settingsQuery = (timerId: string, on: string) =>
  queryOptions({
    queryKey: [KEY, 'settings', timerId],
    queryFn: () => storedSettings(timerId, on),
    ...EDITED,
  });

/** The stored settings to be read, not edited: they are kept on the device, and renewed. */
export const settingsToReadQuery = (timerId: string, on: string) =>
  queryOptions({
    queryKey: [KEY, 'settings-to-read', timerId],
    queryFn: () => storedSettings(timerId, on),
    // Several parts of a screen that opens ask once, not each by itself.
    staleTime: 2000,
    ...KEPT,
  });

export const storedYard = (timerId: string): Promise<StoredYard> =>
  request('get', '/api/timers/{timerId}/yard', { path: { timerId } });

export const yardQuery = (timerId: string) =>
  queryOptions({
    queryKey: [KEY, 'yard', timerId],
    queryFn: () => storedYard(timerId),
    ...EDITED,
  });

export const addTimer = (propertyId: string, body: Api['TimerFields']): Promise<Timer> =>
  request('post', '/api/properties/{propertyId}/timers', { path: { propertyId }, body });

export const changeTimer = (timerId: string, body: Api['TimerChange']): Promise<Timer> =>
  request('patch', '/api/timers/{timerId}', { path: { timerId }, body });

export const saveSettings = (
  timerId: string,
  on: string,
  version: number,
  document: Plan,
): Promise<StoredSettings> =>
  request('put', '/api/timers/{timerId}/settings', {
    path: { timerId },
    query: { on },
    body: { version, document },
  });

/** Holds a timer in place of those that it has. */
export const saveHolds = (
  timerId: string,
  on: string,
  version: number,
  holds: Plan['controller']['pauses'],
): Promise<StoredSettings> =>
  request('put', '/api/timers/{timerId}/holds', {
    path: { timerId },
    query: { on },
    body: { version, holds },
  });

export const saveYard = (timerId: string, version: number, document: Yard): Promise<StoredYard> =>
  request('put', '/api/timers/{timerId}/yard', { path: { timerId }, body: { version, document } });
