import { joined } from '../read-jpeg.js';

const four = (value: number): number[] => [0, 8, 16, 24].map((bits) => (value >>> bits) & 0xff);
const two = (value: number): number[] => [value >> 8, value & 0xff];
export const codes = (text: string): number[] => [...text].map((sign) => sign.charCodeAt(0));

const segment = (marker: number, body: readonly number[]): number[] => [
  ...[0xff, marker, ...two(body.length + 2)],
  ...body,
];

/** Where a photo was taken, as a camera writes it. */
export const PLACE = 'GPS 47.1 N 8.9 E';

interface Made {
  readonly width?: number;
  readonly height?: number;
  /** So many bytes of picture. */
  readonly bytes?: number;
}

/** A JPEG as a camera makes it, with its place, a comment, a small picture of its own, and more after its end. */
export function cameraJpeg({ width = 640, height = 480, bytes = 300 }: Made = {}): Uint8Array {
  return Uint8Array.from([
    ...[0xff, 0xd8],
    ...segment(0xe0, [...codes('JFIF'), 0, 1, 1, 0, 0, 1, 0, 1, 0, 0]),
    ...segment(0xe1, codes(`Exif  ${PLACE}`)),
    ...segment(0xe2, codes('ICC_PROFILE of a camera')),
    ...segment(0xfe, codes('by somebody')),
    ...segment(0xdb, Array<number>(65).fill(1)),
    ...segment(0xc0, [8, ...two(height), ...two(width), 1, 1, 0x11, 0]),
    ...segment(0xda, [1, 1, 0, 0, 63, 0]),
    // What is scanned, a byte that looks like a marker and a restart among it.
    ...[...Array<number>(bytes).fill(0x5a), 0xff, 0x00, 0xff, 0xd0, 0x5a],
    ...[0xff, 0xd9],
    ...codes('<script>after its end</script>'),
  ]);
}

const chunk = (name: string, body: readonly number[]): number[] => [
  ...[...codes(name), ...four(body.length)],
  ...[...body, ...(body.length % 2 === 1 ? [0] : [])],
];

const riff = (...chunks: readonly number[][]): Uint8Array => {
  const body = Uint8Array.from([...codes('WEBP'), ...chunks.flat()]);
  return joined([Uint8Array.from([...codes('RIFF'), ...four(body.length)]), body]);
};

const side = (length: number): number[] => [length & 0xff, (length >> 8) & 0x3f];
const longSide = (length: number): number[] => four(length - 1).slice(0, 3);

const lossy = ({ width = 640, height = 480, bytes = 301 }: Made): number[] =>
  chunk('VP8 ', [
    ...[0x10, 0, 0, 0x9d, 0x01, 0x2a],
    ...[...side(width), ...side(height)],
    ...Array<number>(bytes).fill(0x5a),
  ]);

/** A WebP as a canvas makes it. */
export const plainWebp = (made: Made = {}): Uint8Array => riff(lossy(made));

/** A WebP as a camera makes it: with its place, its colours, and words of its own. */
export const cameraWebp = (made: Made = {}): Uint8Array => {
  const { width = 640, height = 480 } = made;
  return riff(
    chunk('VP8X', [0x2c, 0, 0, 0, ...longSide(width), ...longSide(height)]),
    chunk('ICCP', codes('colours of a camera')),
    lossy(made),
    chunk('EXIF', codes(PLACE)),
    chunk('XMP ', codes('<rdf>by somebody</rdf>')),
  );
};

/** A WebP that can be seen through. */
export const seenThroughWebp = (): Uint8Array =>
  riff(
    chunk('VP8X', [0x18, 0, 0, 0, ...longSide(640), ...longSide(480)]),
    chunk('ALPH', [0, 1, 2]),
    lossy({}),
    chunk('EXIF', codes(PLACE)),
  );

/** A WebP without loss. */
export function losslessWebp({ width = 640, height = 480 }: Made = {}): Uint8Array {
  return riff(chunk('VP8L', [0x2f, ...four((width - 1) | ((height - 1) << 14)), 1, 2, 3]));
}

/** A WebP that moves. */
export const movingWebp = (): Uint8Array =>
  riff(
    chunk('VP8X', [0x02, 0, 0, 0, ...longSide(640), ...longSide(480)]),
    chunk('ANIM', [0, 0, 0, 0, 0, 0]),
    lossy({}),
  );

/** A WebP of which one header says that it is small and the other that it is huge. */
export const twoSizedWebp = (): Uint8Array =>
  riff(chunk('VP8X', [0, 0, 0, 0, ...longSide(640), ...longSide(480)]), lossy({ width: 16_000 }));
