import type { DocumentProblem } from '@water-clock/core/documents';
import { In, type EntityManager } from 'typeorm';
import { badInput } from '../platform/problem.js';
import { Photo } from '../schema/photo.entity.js';
import { ShareLinkPhoto, type ShareLink, type StoredSheet } from '../schema/sheet.entity.js';
import type { SharedPhoto } from './sheet.dto.js';

/** Puts photos of a sheet's timer on a link, in their order. */
export async function choosePhotos(
  manager: EntityManager,
  { firmId, timerId }: Pick<StoredSheet, 'firmId' | 'timerId'>,
  linkId: string,
  photoIds: readonly string[],
): Promise<void> {
  const known = await manager.find(Photo, {
    select: { id: true },
    where: { firmId, timerId, id: In(photoIds) },
  });
  const problems = photoIds.flatMap((id, index): DocumentProblem[] =>
    known.some((photo) => photo.id === id)
      ? []
      : [{ path: `photoIds[${index}]`, message: 'is no photo at this timer' }],
  );
  if (problems.length > 0) throw badInput(problems);
  await manager.insert(
    ShareLinkPhoto,
    photoIds.map((photoId, place) => ({ linkId, photoId, firmId, place })),
  );
}

/** The photos that a link shows. */
export async function photosOf(manager: EntityManager, linkId: string): Promise<SharedPhoto[]> {
  const rows = await manager.find(ShareLinkPhoto, {
    where: { linkId },
    relations: { photo: true },
    order: { place: 'ASC' },
  });
  return rows.map(({ photo: { id, takenAt, width, height, document } }) => ({
    ...{ id, takenAt: takenAt.toISOString(), width, height, document },
  }));
}

export const showsPhoto = (
  manager: EntityManager,
  { id: linkId }: ShareLink,
  photoId: string,
): Promise<boolean> => manager.existsBy(ShareLinkPhoto, { linkId, photoId });
