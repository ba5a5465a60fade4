import type {
  PhotoInFile,
  PropertyFile,
  TimerInFile,
  VisitInFile,
} from '@water-clock/core/property-file';
import { PROPERTY_FORMAT } from '@water-clock/core/property-file';
import { In, type EntityManager } from 'typeorm';
import { Copy } from '../schema/copy.entity.js';
import { notFound } from '../platform/problem.js';
import { Photo, PhotoFile } from '../schema/photo.entity.js';
import { Property } from '../schema/property.entity.js';
import { Job } from '../schema/job.entity.js';
import { Timer } from '../schema/timer.entity.js';
import { visitInFile, visitsOfHome } from './visits-in-file.js';
import { confirmedOf } from '../timer-records/make-copy.js';

/** A whole property as a file: yard, kind, rules and copies included. */
export async function exportProperty(
  manager: EntityManager,
  firmId: string,
  id: string,
): Promise<PropertyFile> {
  const property = await manager.findOne(Property, {
    where: { firmId, id },
    relations: { ruleSet: true },
  });
  if (!property) throw notFound('property');
  const timers = await manager.find(Timer, {
    where: { firmId, propertyId: id },
    relations: { settings: true, yard: true },
    order: { createdAt: 'ASC', id: 'ASC' },
  });
  const copies = await manager.find(Copy, {
    where: { firmId, timer: { propertyId: id } },
    order: { number: 'ASC' },
  });
  const photos = await manager.find(Photo, {
    where: { firmId, timer: { propertyId: id } },
    order: { takenAt: 'ASC', id: 'ASC' },
  });
  const small = await smallMediaOf(manager, photos);
  const visits = await visitsOfHome(manager, firmId, id);
  const jobs = await manager.find(Job, {
    where: { firmId, timer: { propertyId: id } },
    order: { foundAt: 'ASC', fault: 'ASC', station: 'ASC', id: 'ASC' },
  });
  return {
    format: PROPERTY_FORMAT,
    id,
    property: propertyFacts(property),
    rules: property.ruleSet?.document ?? null,
    timers: timers.map((timer) =>
      timerInFile(
        timer,
        copies.filter(({ timerId }) => timerId === timer.id),
        photos
          .filter(({ timerId }) => timerId === timer.id)
          .map((photo) => photoInFile(photo, small.get(photo.id))),
        visits
          .filter(({ timerId }) => timerId === timer.id)
          .map((visit) => visitInFile(visit, jobs)),
      ),
    ),
  };
}

export function propertyFacts(row: Property): PropertyFile['property'] {
  const { timeZone, latitude, longitude, supplySource, frost } = row;
  const { supplyLpm, supplyKpa, waterPrice } = row;
  return {
    name: row.name,
    address: row.address,
    town: row.town,
    contactName: row.contactName,
    contactPhone: row.contactPhone,
    contactEmail: row.contactEmail,
    gateNotes: row.gateNotes,
    ...(timeZone !== null && { timeZone }),
    ...(latitude !== null && { latitude }),
    ...(longitude !== null && { longitude }),
    ...(supplySource !== null && { supplySource }),
    ...(frost !== null && { frost }),
    ...(supplyLpm !== null && { supplyLpm }),
    ...(supplyKpa !== null && { supplyKpa }),
    ...(waterPrice !== null && { waterPrice }),
    mowingWeekdays: row.mowingWeekdays,
    isDryBeforeMowing: row.isDryBeforeMowing,
    language: row.language,
  };
}

const ending = (media: string | undefined): string => (media === 'image/jpeg' ? 'jpg' : 'webp');

function photoInFile(photo: Photo, smallMedia: string | undefined): PhotoInFile {
  const { id, takenAt, personName, media, document } = photo;
  return {
    ...{ id, takenAt: takenAt.toISOString(), person: personName, document },
    picture: `photos/${id}.${ending(media)}`,
    small: `photos/${id}.small.${ending(smallMedia)}`,
  };
}

/** As what the small picture of each photo is stored. */
async function smallMediaOf(
  manager: EntityManager,
  photos: readonly Photo[],
): Promise<ReadonlyMap<string, string>> {
  const rows = await manager.find(PhotoFile, {
    select: { photoId: true, smallMedia: true },
    where: { photoId: In(photos.map(({ id }) => id)) },
  });
  return new Map(rows.map(({ photoId, smallMedia }) => [photoId, smallMedia]));
}

function timerInFile(
  timer: Timer,
  copies: readonly Copy[],
  photos: readonly PhotoInFile[],
  visits: readonly VisitInFile[],
): TimerInFile {
  const inTimer = copies.find(({ isInTimer }) => isInTimer);
  return {
    id: timer.id,
    name: timer.name,
    settings: timer.settings.document,
    yard: timer.yard.document,
    copies: copies.map((copy) => ({
      number: copy.number,
      name: copy.name,
      reason: copy.reason,
      person: copy.personName,
      madeAt: copy.madeAt.toISOString(),
      document: copy.document,
      ...(copy.valuesOf > 0 && { confirmed: confirmedOf(copy) }),
      ...(copy.yard && { yard: copy.yard }),
    })),
    photos: [...photos],
    visits: [...visits],
    ...(inTimer && { copyInTimer: inTimer.number }),
    ...(timer.hasOwnBackup !== null && { hasOwnBackup: timer.hasOwnBackup }),
  };
}
