import { useQuery } from '@tanstack/react-query';
import type { PhotoFacts } from '@water-clock/core/photos';
import { App } from 'antd';
import { timersOfPropertyQuery } from '../api/properties';
import { todayHere } from '../format/today';
import { useMemo } from 'react';
import {
  lastPhotosQuery,
  photoPath,
  photosKey,
  photosPath,
  photosQuery,
  removePhoto,
  type PhotoFields,
} from '../api/photos';
import { useWrite } from '../api/use-write';
import { outbox } from '../offline/browser-outbox';
import { useOutbox, useSendLater } from '../offline/use-outbox';
import { useSignedIn } from '../session/use-signed-in';
import { photoWords, withWaiting, type PhotoOf, type ShownPhoto } from './photo-of';
import { shrink } from './shrink';

/**
 * The photos at a home, and those of some of its timers that wait on this device; undefined until they have come.
 * `timerIds` stays the same list while it says the same.
 */
export function usePhotos(
  propertyId: string,
  timerIds: readonly string[],
): readonly ShownPhoto[] | undefined {
  const { person } = useSignedIn();
  const { data, isError } = useQuery(photosQuery(propertyId));
  const items = useOutbox();
  return useMemo(() => {
    // Without signal, and before they were ever asked for, there are those of this device.
    const stored = data ?? (isError ? [] : undefined);
    if (!stored) return undefined;
    return withWaiting(stored, items, timerIds, person.name);
  }, [data, isError, items, timerIds, person.name]);
}

/** The timers of a home, as they are asked for anyway. */
export function useTimerIds(propertyId: string): readonly string[] {
  const { data } = useQuery(timersOfPropertyQuery(propertyId, todayHere()));
  return useMemo(() => (data ?? []).map(({ id }) => id), [data]);
}

/** The last photos at a home, those that wait on this device among them, and how many there are in all. */
export function useLastPhotos(propertyId: string, timerIds: readonly string[]) {
  const { person } = useSignedIn();
  const { data } = useQuery(lastPhotosQuery(propertyId));
  const items = useOutbox();
  return useMemo(() => {
    if (!data) return undefined;
    const photos = withWaiting(data.photos, items, timerIds, person.name);
    return { photos, total: data.total + photos.filter(({ isWaiting }) => isWaiting).length };
  }, [data, items, timerIds, person.name]);
}

/** Makes photos small and keeps them: on this device, until the server has them. */
export function useKeepPhotos(of: PhotoOf) {
  const sendLater = useSendLater();
  const { message } = App.useApp();
  const { timerId, about, station, ...belongs } = of;
  const document: PhotoFacts = { about, station: station ?? null, note: '', pins: [] };
  const { write, isWriting } = useWrite('keep-photo', async (files: readonly File[]) => {
    for (const file of files)
      try {
        const made = await shrink(file);
        const id = crypto.randomUUID();
        const takenAt = new Date(Math.min(Date.now(), file.lastModified)).toISOString();
        const body: PhotoFields = { id, document, takenAt, ...made, ...belongs };
        await sendLater({
          method: 'POST',
          ...{ id, lane: timerId, path: photosPath(timerId), body },
          ...{ words: `A photo: ${photoWords({ document })}`, touches: [photosKey] },
        });
      } catch (error) {
        void message.error(
          `${file.name} is not kept: ${error instanceof Error ? error.message : String(error)}`,
        );
      }
  });
  return { keep: write, isKeeping: isWriting };
}

/** Changes what is said of a photo, now or as soon as there is a connection. */
export function useSayOfPhoto() {
  const sendLater = useSendLater();
  return useWrite(
    'say-of-photo',
    ({ photo, document }: { readonly photo: ShownPhoto; readonly document: PhotoFacts }) =>
      sendLater({
        ...{ id: crypto.randomUUID(), lane: photo.timerId, method: 'PUT' },
        ...{ path: photoPath(photo.id), body: { version: photo.version, document } },
        ...{ words: `Said of a photo: ${photoWords({ document })}`, touches: [photosKey] },
      }),
    { isOfFields: true },
  );
}

/** Takes a photo away: from the server, or from this device where it has not gone further. */
export function useRemovePhoto() {
  return useWrite(
    'remove-photo',
    async ({ id, isWaiting }: ShownPhoto) => {
      if (!isWaiting) return removePhoto(id);
      for (const item of outbox.snapshot())
        if (item.id === id || item.path === photoPath(id)) await outbox.discard(item.id);
    },
    { touches: [photosKey] },
  );
}
