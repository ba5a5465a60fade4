import { cameraJpeg, plainWebp } from '@water-clock/core/photos/testing';

const base64 = (bytes: Uint8Array): string => Buffer.from(bytes).toString('base64');

/** What a device sends of a photo of a timer's front. */
export const photoFields = (fields: object = {}) => ({
  id: crypto.randomUUID(),
  takenAt: '2026-06-01T10:00:00Z',
  document: { about: 'front' },
  picture: base64(cameraJpeg()),
  small: base64(plainWebp({ width: 320, height: 240 })),
  ...fields,
});
