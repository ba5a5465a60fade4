import { queryOptions } from '@tanstack/react-query';
import type { WeatherFile } from '@water-clock/core/weather';
import { KEPT } from './kept';
import { request, type Api } from './request';

export type WeatherListing = Api['WeatherListing'];
export type StoredWeather = Api['WeatherAnswer'];

const KEY = 'weather';
export const weatherKey = [KEY];

export const weatherListQuery = queryOptions({
  queryKey: [KEY, 'list'],
  queryFn: () => request('get', '/api/weather'),
});

export const weatherNow = (weatherId: string): Promise<StoredWeather> =>
  request('get', '/api/weather/{weatherId}', { path: { weatherId } });

/** The weather that a property goes by; null where nobody has said which. */
export const weatherQuery = (id: string | null) =>
  queryOptions({
    queryKey: [KEY, 'one', id],
    queryFn: () => (id === null ? null : weatherNow(id)),
    ...KEPT,
  });

export const addWeather = (document: WeatherFile): Promise<StoredWeather> =>
  request('post', '/api/weather', { body: { document } });

export const changeWeather = (
  weatherId: string,
  version: number,
  document: WeatherFile,
): Promise<StoredWeather> =>
  request('put', '/api/weather/{weatherId}', { path: { weatherId }, body: { version, document } });

export const removeWeather = (weatherId: string): Promise<void> =>
  request('delete', '/api/weather/{weatherId}', { path: { weatherId } });

export const bringBackWeather = (weatherId: string): Promise<StoredWeather> =>
  request('post', '/api/weather/{weatherId}/bring-back', { path: { weatherId } });
