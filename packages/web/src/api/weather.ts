import { queryOptions } from '@tanstack/react-query';
import type { WeatherFile, WeatherRecord } from '@water-clock/core/weather';
import { request } from './client';

export interface WeatherListing {
  readonly id: string;
  readonly name: string;
  readonly towns: readonly string[];
  readonly kind: WeatherRecord['kind'];
  /** First and last day that was read; null where none was. */
  readonly from: string | null;
  readonly to: string | null;
  readonly days: number;
  /** How many properties go by it. */
  readonly properties: number;
}

export interface StoredWeather {
  readonly id: string;
  readonly version: number;
  readonly document: WeatherFile;
}

const KEY = 'weather';
export const weatherKey = [KEY];

export const weatherListQuery = queryOptions({
  queryKey: [KEY, 'list'],
  queryFn: () => request<WeatherListing[]>('/weather'),
});

/** The weather that a property goes by; null where nobody has said which. */
export const weatherQuery = (id: string | null) =>
  queryOptions({
    queryKey: [KEY, 'one', id],
    queryFn: () => (id === null ? null : request<StoredWeather>(`/weather/${id}`)),
  });

export const addWeather = (document: WeatherFile): Promise<StoredWeather> =>
  request('/weather', { method: 'POST', body: { document } });

export const changeWeather = (
  id: string,
  version: number,
  document: WeatherFile,
): Promise<StoredWeather> =>
  request(`/weather/${id}`, { method: 'PUT', body: { version, document } });

export const removeWeather = (id: string): Promise<void> =>
  request(`/weather/${id}`, { method: 'DELETE' });
