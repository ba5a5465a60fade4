import { readPhotoFacts, readPicture, type PhotoFacts } from '@water-clock/core/photos';
import type { EntityManager } from 'typeorm';
import { Photo, PhotoFile } from '../schema/photo.entity.js';
import { Timer } from '../schema/timer.entity.js';
import { DEMO_PHOTO_DATA } from './photo-data.js';
import { whole } from './whole.js';

interface DemoPhoto {
  readonly scene: keyof typeof DEMO_PHOTO_DATA;
  readonly home: string;
  readonly timer: string;
  readonly daysAgo: number;
  readonly facts: Partial<PhotoFacts>;
}

const PLUM = { home: 'Plum cottage', timer: 'Garage timer', daysAgo: 35 };

const PHOTOS: readonly DemoPhoto[] = [
  { ...PLUM, scene: 'place', facts: { about: 'place', note: 'Left of the side door' } },
  { ...PLUM, scene: 'front', facts: { about: 'front' } },
  {
    ...{ ...PLUM, scene: 'wiring' },
    facts: {
      about: 'wiring',
      note: 'Seven stations and the common',
      pins: [{ x: 0.875, y: 0.44, words: 'Common, black' }],
    },
  },
  {
    ...{ ...PLUM, scene: 'valve-box' },
    facts: {
      ...{ about: 'valve-box', station: 2, note: 'Under the hedge, two steps from the tap' },
      pins: [
        { x: 0.345, y: 0.49, words: 'Station 2' },
        { x: 0.672, y: 0.33, words: 'Wet splice' },
      ],
    },
  },
  {
    ...{ ...PLUM, scene: 'head' },
    facts: {
      ...{ about: 'head', station: 3, note: 'Leans, and is cracked at the thread' },
      pins: [{ x: 0.47, y: 0.58, words: 'The crack' }],
    },
  },
];

const DAY_MS = 86_400_000;
const BOUNDS = { longestSide: 1600, mostBytes: 400_000 };

/** Photos at the homes of the demo, drawn by us. */
export async function addPhotos(manager: EntityManager, firmId: string, now: Date): Promise<void> {
  for (const [index, { scene, home, timer: name, daysAgo, facts }] of PHOTOS.entries()) {
    const timer = await manager.findOneByOrFail(Timer, { firmId, name, property: { name: home } });
    const [picture, small] = [DEMO_PHOTO_DATA[scene].picture, DEMO_PHOTO_DATA[scene].small].map(
      (base64) => {
        const read = readPicture(Buffer.from(base64, 'base64'), BOUNDS);
        if (!read.ok) throw new Error(`A photo of the demo ${read.trouble}.`);
        return read.value;
      },
    );
    const { media, width, height } = picture!;
    const photo = await manager.save(
      manager.create(Photo, {
        ...{ firmId, timerId: timer.id, personName: 'Ines Marlow', media, width, height },
        takenAt: new Date(now.getTime() - daysAgo * DAY_MS + index * 60_000),
        bytes: picture!.bytes.length + small!.bytes.length,
        document: whole(readPhotoFacts(facts)),
      }),
    );
    await manager.insert(PhotoFile, {
      ...{ photoId: photo.id, firmId, smallMedia: small!.media },
      ...{ picture: Buffer.from(picture!.bytes), small: Buffer.from(small!.bytes) },
    });
  }
}
