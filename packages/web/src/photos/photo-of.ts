import { fieldOf } from '@water-clock/core/kernel';
import {
  readPhotoFacts,
  SUBJECT_NAMES,
  type PhotoFacts,
  type PhotoSubject,
} from '@water-clock/core/photos';
import { photoPath, photosPath, pictureAddress, smallAddress, type Photo } from '../api/photos';
import type { OutboxItem } from '../offline/outbox-item';

/** What a photo that is taken now belongs to. */
export interface PhotoOf {
  readonly timerId: string;
  readonly about: PhotoSubject;
  readonly station?: number;
  readonly visitId?: string;
  readonly jobId?: string;
  readonly copyId?: string;
}

/** A photo as it is shown, whether the server has it yet or not. */
export interface ShownPhoto extends Pick<
  Photo,
  'id' | 'timerId' | 'visitId' | 'jobId' | 'copyId' | 'takenAt' | 'person' | 'version'
> {
  readonly document: PhotoFacts;
  readonly small: string;
  readonly picture: string;
  /** It is on this device only. */
  readonly isWaiting: boolean;
}

/** The facts of a photo in what waits to be sent; null where it has none. */
function factsIn({ body }: OutboxItem): PhotoFacts | null {
  const read = readPhotoFacts(fieldOf(body, 'document'));
  return read.ok ? read.value : null;
}

/** A photo that waits on this device; none where what waits is something else. */
function waitingPhoto(item: OutboxItem, timerId: string, person: string): ShownPhoto[] {
  const document = factsIn(item);
  const textOf = (name: string): string | null => {
    const text = fieldOf(item.body, name);
    return typeof text === 'string' ? text : null;
  };
  const [picture, small] = [textOf('picture'), textOf('small')];
  if (!document || picture === null || small === null) return [];
  return [
    {
      ...{ id: item.id, timerId, person, document, version: 1, isWaiting: true },
      ...{ visitId: textOf('visitId'), jobId: textOf('jobId'), copyId: textOf('copyId') },
      ...{ takenAt: textOf('takenAt') ?? item.madeAt },
      ...{ small: shownOf(small), picture: shownOf(picture) },
    },
  ];
}

/** By the first signs of what is in it: pictures of a device are WebP, or JPEG where it cannot write that. */
const shownOf = (base64: string): string =>
  `data:image/${base64.startsWith('/9j/') ? 'jpeg' : 'webp'};base64,${base64}`;

/** The photos of some timers that wait on this device, laid over those that the server has; the newest first. */
export function withWaiting(
  stored: readonly Photo[],
  items: readonly OutboxItem[],
  timerIds: readonly string[],
  person: string,
): ShownPhoto[] {
  const sent = items.filter(({ trouble }) => trouble === undefined);
  const waiting = timerIds.flatMap((timerId) =>
    sent
      .filter(({ method, path }) => method === 'POST' && path === photosPath(timerId))
      .flatMap((item) => waitingPhoto(item, timerId, person)),
  );
  const known = new Set(stored.map(({ id }) => id));
  const all = [
    ...waiting.filter(({ id }) => !known.has(id)),
    ...stored.map((photo): ShownPhoto => ({
      ...photo,
      ...{ small: smallAddress(photo.id), picture: pictureAddress(photo.id), isWaiting: false },
    })),
  ];
  return all
    .map((photo) => saidLast(photo, sent))
    .sort((a, b) => b.takenAt.localeCompare(a.takenAt));
}

/** What was said of a photo on this device and is not sent yet; each such change counts as a version. */
function saidLast(photo: ShownPhoto, items: readonly OutboxItem[]): ShownPhoto {
  const changes = items.filter(({ path }) => path === photoPath(photo.id));
  const last = changes.at(-1);
  const document = last && factsIn(last);
  return document ? { ...photo, document, version: photo.version + changes.length } : photo;
}

/** "The head, station 3". */
export const subjectWords = ({ about, station }: PhotoFacts): string =>
  station === null ? SUBJECT_NAMES[about] : `${SUBJECT_NAMES[about]}, station ${station}`;

/** "The head, station 3: broken at the edge". */
export const photoWords = ({ document }: Pick<ShownPhoto, 'document'>): string =>
  document.note === '' ? subjectWords(document) : `${subjectWords(document)}: ${document.note}`;
