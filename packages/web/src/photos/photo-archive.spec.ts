import { testPlan } from '../testing/plans';
import { photosToBring } from './photo-archive';

const FILE = {
  ...{ format: 'waterclock.property/2', id: '7b0c9f8e-0d5e-4e8a-9a67-0a6f6f3b9c11' },
  property: { name: 'Plum cottage' },
  timers: [
    {
      ...{ id: '0b8f2c36-7f0e-4a55-8a5f-2f4c1f1b7d22', name: 'Garage', settings: testPlan() },
      yard: { format: 'waterclock.yard/1', stations: [] },
      photos: [
        {
          ...{ id: '3d2f8a52-0f0f-4d7e-9d55-0a1b2c3d4e60', takenAt: '2026-06-01T08:40:00.000Z' },
          ...{ picture: 'photos/1.webp', small: 'photos/1.small.webp' },
          document: { about: 'front' },
        },
      ],
    },
  ],
};
const bytes = Uint8Array.of(1);
const PICTURES = { 'photos/1.webp': bytes, 'photos/1.small.webp': bytes };

it('gives each photo with its pictures and its timer, or says which picture is not there', () => {
  const text = JSON.stringify(FILE);
  expect(photosToBring({ text, files: PICTURES })).toMatchObject([
    { timerInFile: FILE.timers[0]!.id, body: { document: { about: 'front' } }, picture: bytes },
  ]);
  expect(() => photosToBring({ text, files: { 'photos/1.webp': bytes } })).toThrow(
    'photos/1.webp is not in the archive.',
  );
  // What the file is, the server says.
  expect(photosToBring({ text: '{}', files: PICTURES })).toEqual([]);
});
