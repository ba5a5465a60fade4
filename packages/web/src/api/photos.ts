import { queryOptions } from '@tanstack/react-query';
import type { PhotoFacts } from '@water-clock/core/photos';
import { KEPT } from './kept';
import { request, type Api, type AskedWith } from './request';

export type Photo = Api['PhotoAnswer'];
export type PhotoFields = Omit<
  AskedWith<'/api/timers/{timerId}/photos', 'post'>['body'],
  'document'
> & { readonly document: PhotoFacts };

const KEY = 'photos';
export const photosKey = [KEY];

/** All photos at a property, the newest first. */
export const photosQuery = (propertyId: string) =>
  queryOptions({
    queryKey: [KEY, 'of', propertyId],
    queryFn: () => request('get', '/api/properties/{propertyId}/photos', { path: { propertyId } }),
    ...KEPT,
  });

/** The last photos at a property, and how many there are. */
export const lastPhotosQuery = (propertyId: string) =>
  queryOptions({
    queryKey: [KEY, 'last', propertyId],
    queryFn: () =>
      request('get', '/api/properties/{propertyId}/last-photos', { path: { propertyId } }),
    ...KEPT,
  });

export const photosPath = (timerId: string) => `/timers/${timerId}/photos`;
export const photoPath = (photoId: string) => `/photos/${photoId}`;

export const pictureAddress = (photoId: string) => `/api/photos/${photoId}/picture`;
export const smallAddress = (photoId: string) => `/api/photos/${photoId}/small`;

export const removePhoto = (photoId: string): Promise<void> =>
  request('delete', '/api/photos/{photoId}', { path: { photoId } });

export const photoRoomQuery = queryOptions({
  queryKey: [KEY, 'room'],
  queryFn: () => request('get', '/api/firm/photo-room'),
});
