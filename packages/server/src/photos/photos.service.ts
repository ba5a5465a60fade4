import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { pathWithin, type DocumentProblem } from '@water-clock/core/documents';
import {
  LONGEST_SIDE,
  MOST_BYTES,
  MOST_SMALL_BYTES,
  readPhotoFacts,
  readPicture,
  SMALL_SIDE,
  type PhotoFacts,
  type Picture,
} from '@water-clock/core/photos';
import { DataSource, type EntityManager } from 'typeorm';
import type { SignedIn } from '../people/signed-in.js';
import { wholeDocument } from '../platform/documents.js';
import { observedAt } from '../platform/observed.js';
import { badInput, notFound } from '../platform/problem.js';
import { saveVersion } from '../platform/saved.js';
import { transact } from '../platform/transact.js';
import { Job } from '../schema/job.entity.js';
import { Photo, PhotoFile } from '../schema/photo.entity.js';
import { Property } from '../schema/property.entity.js';
import { StoredVisit } from '../schema/visit.entity.js';
import { lockTimer } from '../timer-records/lock-timer.js';
import type { LastPhotos, PhotoAnswer, PhotoChange, PhotoFields, PhotoRoom } from './photo.dto.js';

/** What a firm may fill: over 10,000 photos. */
export const MOST_BYTES_OF_FIRM = 4_000_000_000;

/** As many as stand on the page of a home. */
const MOST_LAST = 8;

export interface PhotoBytes {
  readonly media: Picture['media'];
  readonly bytes: Buffer;
}

interface Read {
  readonly document: PhotoFacts;
  readonly picture: Picture;
  readonly small: Picture;
}

@Injectable()
export class PhotosService {
  constructor(@InjectDataSource() private readonly source: DataSource) {}

  /** All photos at a home, the newest first. */
  async list(firmId: string, propertyId: string): Promise<PhotoAnswer[]> {
    const { manager } = this.source;
    if (!(await manager.existsBy(Property, { firmId, id: propertyId }))) throw notFound('property');
    const rows = await manager.find(Photo, {
      where: { firmId, timer: { propertyId } },
      order: { takenAt: 'DESC', id: 'ASC' },
    });
    return rows.map(answer);
  }

  /** The last photos at a home, and how many there are. */
  async last(firmId: string, propertyId: string): Promise<LastPhotos> {
    const { manager } = this.source;
    if (!(await manager.existsBy(Property, { firmId, id: propertyId }))) throw notFound('property');
    const [rows, total] = await manager.findAndCount(Photo, {
      where: { firmId, timer: { propertyId } },
      order: { takenAt: 'DESC', id: 'ASC' },
      take: MOST_LAST,
    });
    return { total, photos: rows.map(answer) };
  }

  /** Keeps a photo; one that is sent again under its id is given back. */
  async add(person: SignedIn, timerId: string, fields: PhotoFields): Promise<PhotoAnswer> {
    const { firmId, name: personName } = person;
    const { document, picture, small } = readFields(fields);
    const bytes = picture.bytes.length + small.bytes.length;
    return transact(this.source, async (manager) => {
      if (!(await lockTimer(manager, firmId, timerId))) throw notFound('timer');
      const takenAt = observedAt(fields.takenAt, new Date());
      const known = await manager.findOneBy(Photo, { id: fields.id });
      if (known?.firmId === firmId) {
        if (known.timerId !== timerId) throw badInput([{ path: 'id', message: 'is taken' }]);
        return answer(known);
      }
      // From a home that another firm gave away: here it is another photo, with an id of its own.
      const brought =
        known && (await manager.findOneBy(Photo, { firmId, timerId, takenAt, bytes }));
      if (brought) return answer(brought);
      const { visitId = null, jobId = null, copyId = null } = fields;
      await refuseOthers(manager, { firmId, timerId, visitId, jobId });
      await refuseBeyondRoom(manager, firmId, bytes);
      const { media, width, height } = picture;
      const row = manager.create(Photo, {
        ...{ id: known ? randomUUID() : fields.id, firmId, timerId, visitId, jobId, copyId },
        ...{ personName, document, media, width, height, bytes, takenAt },
      });
      await manager.insert(Photo, row);
      await manager.insert(PhotoFile, {
        ...{ photoId: row.id, firmId, smallMedia: small.media },
        ...{ picture: Buffer.from(picture.bytes), small: Buffer.from(small.bytes) },
      });
      return answer({ ...row, version: 1 });
    });
  }

  /** The picture of a photo, or the small one; as it is stored. */
  async bytes(firmId: string, id: string, which: 'picture' | 'small'): Promise<PhotoBytes> {
    const [row] = await this.source.query<PhotoBytes[]>(
      which === 'picture'
        ? `SELECT p.media, f.picture AS bytes FROM photos p JOIN photo_files f ON f.photo_id = p.id
           WHERE p.firm_id = $1 AND p.id = $2`
        : `SELECT small_media AS media, small AS bytes FROM photo_files
           WHERE firm_id = $1 AND photo_id = $2`,
      [firmId, id],
    );
    if (!row) throw notFound('photo');
    return row;
  }

  /** Sets what is said of a photo. */
  async change(firmId: string, id: string, change: PhotoChange): Promise<PhotoAnswer> {
    const document = wholeDocument(change.document, readPhotoFacts);
    await transact(this.source, (manager) =>
      saveVersion(manager, Photo, { firmId, id }, change.version, { document }, 'photo'),
    );
    const row = await this.source.manager.findOneBy(Photo, { firmId, id });
    if (!row) throw notFound('photo');
    return answer(row);
  }

  /** Takes a photo away, from every link that shows it too. */
  async remove(firmId: string, id: string): Promise<void> {
    const { affected } = await transact(this.source, (manager) =>
      manager.delete(Photo, { firmId, id }),
    );
    if (!affected) throw notFound('photo');
  }

  room(firmId: string): Promise<PhotoRoom> {
    return roomOf(this.source.manager, firmId);
  }
}

/** All that is wrong with what a device sent, at once. */
function readFields(fields: PhotoFields): Read {
  const document = readPhotoFacts(fields.document);
  const picture = pictureIn(fields.picture, LONGEST_SIDE, MOST_BYTES);
  const small = pictureIn(fields.small, SMALL_SIDE, MOST_SMALL_BYTES);
  if (document.ok && picture.ok && small.ok)
    return { document: document.value, picture: picture.value, small: small.value };
  const problems: DocumentProblem[] = document.ok
    ? []
    : document.trouble.map(({ path, message }) => ({
        path: pathWithin('document', path),
        message,
      }));
  if (!picture.ok) problems.push({ path: 'picture', message: picture.trouble });
  if (!small.ok) problems.push({ path: 'small', message: small.trouble });
  throw badInput(problems);
}

const pictureIn = (base64: string, longestSide: number, mostBytes: number) =>
  readPicture(Buffer.from(base64, 'base64'), { longestSide, mostBytes });

interface Of {
  readonly firmId: string;
  readonly timerId: string;
  readonly visitId: string | null;
  readonly jobId: string | null;
}

async function refuseOthers(
  manager: EntityManager,
  { firmId, timerId, visitId, jobId }: Of,
): Promise<void> {
  const problems: DocumentProblem[] = [];
  if (visitId !== null && !(await manager.existsBy(StoredVisit, { firmId, timerId, id: visitId })))
    problems.push({ path: 'visitId', message: 'is no visit to this timer' });
  if (jobId !== null && !(await manager.existsBy(Job, { firmId, timerId, id: jobId })))
    problems.push({ path: 'jobId', message: 'is no job at this timer' });
  if (problems.length > 0) throw badInput(problems);
}

/** Photos of a firm come in one after the other, so that no two fill the same room. */
async function refuseBeyondRoom(
  manager: EntityManager,
  firmId: string,
  bytes: number,
): Promise<void> {
  await manager.query('SELECT 1 FROM firms WHERE id = $1 FOR NO KEY UPDATE', [firmId]);
  const room = await roomOf(manager, firmId);
  if (room.bytes + bytes > room.mostBytes)
    throw badInput([
      {
        path: 'picture',
        message: `finds no room: the firm's ${room.photos} photos fill all that it has; take some away first`,
      },
    ]);
}

async function roomOf(manager: EntityManager, firmId: string): Promise<PhotoRoom> {
  const [row] = await manager.query<{ photos: number; bytes: string }[]>(
    'SELECT count(*)::int AS photos, coalesce(sum(bytes), 0) AS bytes FROM photos WHERE firm_id = $1',
    [firmId],
  );
  return { photos: row!.photos, bytes: Number(row!.bytes), mostBytes: MOST_BYTES_OF_FIRM };
}

const answer = (row: Photo): PhotoAnswer => ({
  ...{ id: row.id, timerId: row.timerId, visitId: row.visitId, jobId: row.jobId },
  ...{ copyId: row.copyId, takenAt: row.takenAt.toISOString(), person: row.personName },
  ...{ media: row.media, width: row.width, height: row.height, version: row.version },
  document: row.document,
});
