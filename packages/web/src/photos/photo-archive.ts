import {
  readPropertyFile,
  type PhotoInFile,
  type PropertyFile,
} from '@water-clock/core/property-file';
import { unzip, zip, type AsyncZippable } from 'fflate';
import { photosPath, pictureAddress, smallAddress, type PhotoFields } from '../api/photos';
import { send } from '../api/client';
import { base64Of } from './shrink';

/** Of a file in an archive; what says that it is larger is not unpacked. */
const MOST_FILE_BYTES = 5_000_000;
const MOST_FILES = 5000;
const FILE_NAME = 'property.json';

const photosIn = ({ timers }: PropertyFile): PhotoInFile[] =>
  timers.flatMap(({ photos }) => photos);

/** Tells how many are done, of how many. */
type OnDone = (done: number, of: number) => void;

/** A property file with its photos beside it, as one archive. */
export async function archiveOf(file: PropertyFile, onDone: OnDone): Promise<Blob> {
  const parts: AsyncZippable = {
    [FILE_NAME]: new TextEncoder().encode(JSON.stringify(file, null, 2)),
  };
  const photos = photosIn(file);
  for (const [index, { id, picture, small }] of photos.entries()) {
    // Pictures are packed as they are.
    parts[picture] = [await bytesOf(pictureAddress(id)), { level: 0 }];
    parts[small] = [await bytesOf(smallAddress(id)), { level: 0 }];
    onDone(index + 1, photos.length);
  }
  const packed = await new Promise<Uint8Array>((resolve, reject) =>
    zip(parts, (error, bytes) => (error ? reject(error) : resolve(bytes))),
  );
  return new Blob([new Uint8Array(packed)], { type: 'application/zip' });
}

async function bytesOf(address: string): Promise<Uint8Array> {
  const answer = await fetch(address);
  if (!answer.ok) throw new Error('A photo could not be had: try again.');
  return new Uint8Array(await answer.arrayBuffer());
}

export interface Unpacked {
  readonly text: string;
  readonly files: Readonly<Record<string, Uint8Array>>;
}

/** What is in an archive; rejects in words where it is none of ours. */
export async function unpacked(archive: Blob): Promise<Unpacked> {
  const bytes = new Uint8Array(await archive.arrayBuffer());
  let count = 0;
  const files = await new Promise<Record<string, Uint8Array>>((resolve, reject) =>
    unzip(
      bytes,
      {
        filter: ({ name, originalSize }) => {
          count += 1;
          if (count > MOST_FILES || originalSize > MOST_FILE_BYTES)
            throw new Error(`${name} is larger than anything in an archive of a home.`);
          return name === FILE_NAME || name.startsWith('photos/');
        },
      },
      (error, all) => (error ? reject(error) : resolve(all)),
    ),
  ).catch((error: unknown) => {
    throw new Error(
      `The archive could not be unpacked: ${error instanceof Error ? error.message : String(error)}`,
    );
  });
  const file = files[FILE_NAME];
  if (!file) throw new Error(`There is no ${FILE_NAME} in the archive: choose another.`);
  return { text: new TextDecoder().decode(file), files };
}

/** A photo of an archive, as the server takes it. */
export interface PhotoToBring {
  readonly timerInFile: string;
  readonly body: Omit<PhotoFields, 'picture' | 'small'>;
  readonly picture: Uint8Array;
  readonly small: Uint8Array;
}

/**
 * The photos of an archive; none where its file cannot be read, of which the server says why. Throws in words where
 * one of them lacks its picture: then nothing of the archive is brought in.
 */
export function photosToBring({ text, files }: Unpacked): PhotoToBring[] {
  const read = readPropertyFile(JSON.parse(text));
  if (!read.ok) return [];
  return read.value.timers.flatMap(({ id: timerInFile, photos }) =>
    photos.map(({ id, takenAt, document, ...names }): PhotoToBring => {
      const [picture, small] = [files[names.picture], files[names.small]];
      if (!picture || !small) throw new Error(`${names.picture} is not in the archive.`);
      return { timerInFile, body: { id, takenAt, document }, picture, small };
    }),
  );
}

/** Which timer one of a file is here. */
interface BroughtIn {
  readonly inFile: string;
  readonly timerId: string;
}

/** Brings photos in, one after the other; what is here already stays as it is. */
export async function bringPhotosIn(
  photos: readonly PhotoToBring[],
  timers: readonly BroughtIn[],
  onDone: OnDone,
): Promise<void> {
  for (const [index, { timerInFile, body, picture, small }] of photos.entries()) {
    const { timerId } = timers.find(({ inFile }) => inFile === timerInFile)!;
    await send(`/api${photosPath(timerId)}`, {
      method: 'POST',
      body: { ...body, picture: base64Of(picture), small: base64Of(small) },
    });
    onDone(index + 1, photos.length);
  }
}
