import { LONGEST_SIDE, MOST_BYTES, readPicture } from './index.js';
import {
  cameraJpeg,
  cameraWebp,
  codes,
  losslessWebp,
  movingWebp,
  PLACE,
  plainWebp,
  seenThroughWebp,
  twoSizedWebp,
} from './testing/pictures.js';

const BOUNDS = { longestSide: LONGEST_SIDE, mostBytes: MOST_BYTES };
const read = (bytes: Uint8Array) => {
  const found = readPicture(bytes, BOUNDS);
  if (!found.ok) throw new Error(found.trouble);
  return found.value;
};
const refusedFor = (bytes: Uint8Array): string => {
  const found = readPicture(bytes, BOUNDS);
  return found.ok ? 'taken' : found.trouble;
};
const textOf = (bytes: Uint8Array): string => String.fromCharCode(...bytes);

it.each([
  ['a JPEG', cameraJpeg(), 'image/jpeg'],
  ['a WebP', cameraWebp(), 'image/webp'],
])('%s of a camera keeps its picture and loses place, camera and words', (_kind, bytes, media) => {
  expect(textOf(bytes)).toContain(PLACE);
  const picture = read(bytes);
  expect(picture).toMatchObject({ media, width: 640, height: 480 });
  const left = textOf(picture.bytes);
  for (const words of [PLACE, 'somebody', 'camera', 'script']) expect(left).not.toContain(words);
  expect(left).toContain('Z'.repeat(300));
  // Read once more it is what it was.
  expect(read(picture.bytes)).toEqual(picture);
});

it.each([
  ['a plain WebP', plainWebp()],
  ['a WebP without loss', losslessWebp()],
])('%s stays as it is', (_kind, bytes) => {
  expect(read(bytes)).toEqual({ media: 'image/webp', width: 640, height: 480, bytes });
});

it('what can be seen through keeps that, and nothing else beside its picture', () => {
  const left = textOf(read(seenThroughWebp()).bytes);
  expect(left).toContain('ALPH');
  expect(left).not.toContain('EXIF');
});

const HUGE = 16_000;
it.each([
  ['a bomb of pixels', cameraJpeg({ width: 60_000, height: 60_000 }), /at most 1600 pixels a side/],
  ['a huge WebP', plainWebp({ width: HUGE }), /at most 1600 pixels/],
  ['a huge WebP without loss', losslessWebp({ height: HUGE }), /at most 1600 pixels/],
  ['a WebP of two sizes', twoSizedWebp(), /no whole WebP/],
  ['too many bytes', cameraJpeg({ bytes: MOST_BYTES }), /at most 400 KB/],
  ['a JPEG without a size', cameraJpeg({ width: 0 }), /no size/],
  ['a script', Uint8Array.from(codes('<script>alert(1)</script>')), /neither a JPEG nor a WebP/],
  ['a picture that moves', movingWebp(), /moves/],
  ['nothing', new Uint8Array(), /neither/],
  ['a header alone', Uint8Array.from([0xff, 0xd8, 0xff, 0xd9]), /no picture in it/],
  [
    'RIFF without a picture',
    Uint8Array.from([...codes('RIFF'), 4, 0, 0, 0, ...codes('WEBP')]),
    /no picture/,
  ],
])('%s is refused in words', (_kind, bytes, words) => {
  expect(refusedFor(bytes)).toMatch(words);
});

it.each([
  ['JPEG', cameraJpeg({ bytes: 20 })],
  ['WebP', cameraWebp({ bytes: 20 })],
  ['WebP that can be seen through', seenThroughWebp()],
])(
  'a %s that is cut off anywhere is refused, and so is one with a bad byte, or it is read',
  (_kind, bytes) => {
    const whole = read(bytes);
    for (let length = 0; length < bytes.length; length++) {
      const cut = readPicture(bytes.subarray(0, length), BOUNDS);
      // A JPEG ends before what somebody put after its end.
      if (cut.ok) expect(cut.value).toEqual(whole);
    }
    for (let at = 0; at < bytes.length; at++)
      for (const value of [0, 0x7f, 0xff]) {
        const odd = readPicture(bytes.with(at, value), BOUNDS);
        if (odd.ok) expect(Math.max(odd.value.width, odd.value.height)).toBeLessThanOrEqual(1600);
      }
  },
);
