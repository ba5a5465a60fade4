import { NotAPicture, type Picture } from './picture.js';
import { joined } from './read-jpeg.js';

const CUT_OFF = 'is cut off: choose it once more';
const ODD = 'is no whole WebP: choose another picture';
const HEADER_BYTES = 12;
const CHUNK_HEADER_BYTES = 8;

/** Flags of an extended header (RFC 9649, section 2.7.1): only what is seen through is kept. */
const [MOVES, SEEN_THROUGH] = [0x02, 0x10];

const nameAt = (bytes: Uint8Array, at: number): string =>
  String.fromCharCode(...bytes.subarray(at, at + 4));

export const isWebp = (bytes: Uint8Array): boolean =>
  nameAt(bytes, 0) === 'RIFF' && nameAt(bytes, 8) === 'WEBP';

interface Chunk {
  readonly name: string;
  readonly body: Uint8Array;
}

interface Size {
  readonly width: number;
  readonly height: number;
}

/** Reads how large a WebP is by its headers, and leaves out all that is not its picture; nothing is decoded. */
export function readWebp(bytes: Uint8Array): Picture {
  const chunks = chunksOf(bytes);
  const [image, ...more] = chunks.filter(({ name }) => name === 'VP8 ' || name === 'VP8L');
  if (!image || more.length > 0) throw new NotAPicture('has no picture in it: choose another');
  const size = image.name === 'VP8L' ? losslessSize(image.body) : lossySize(image.body);
  const alpha = chunks.find(({ name }) => name === 'ALPH');
  const extended = chunks.find(({ name }) => name === 'VP8X');
  if (extended && !isSame(extendedSize(extended.body), size)) throw new NotAPicture(ODD);
  const kept = [...(alpha ? [extendedHeader(size), alpha] : []), image];
  return { media: 'image/webp', ...size, bytes: fileOf(kept) };
}

const isSame = (a: Size, b: Size) => a.width === b.width && a.height === b.height;

function chunksOf(bytes: Uint8Array): Chunk[] {
  const end = CHUNK_HEADER_BYTES + fourBytes(bytes, 4);
  if (end > bytes.length) throw new NotAPicture(CUT_OFF);
  const chunks: Chunk[] = [];
  for (let at = HEADER_BYTES; at < end;) {
    const from = at + CHUNK_HEADER_BYTES;
    const to = from + fourBytes(bytes, at + 4);
    if (to > end) throw new NotAPicture(CUT_OFF);
    chunks.push({ name: nameAt(bytes, at), body: bytes.subarray(from, to) });
    // Of an odd length, a byte more is left free.
    at = to + (to % 2);
  }
  return chunks;
}

/** RFC 6386, section 9.1. */
function lossySize(body: Uint8Array): Size {
  const isKeyFrame = (body[0]! & 1) === 0;
  if (body.length < 10 || !isKeyFrame || body[3] !== 0x9d || body[4] !== 0x01 || body[5] !== 0x2a)
    throw new NotAPicture(ODD);
  const side = (at: number) => (body[at]! | (body[at + 1]! << 8)) & 0x3fff;
  return { width: side(6), height: side(8) };
}

/** RFC 9649, section 3.4. */
function losslessSize(body: Uint8Array): Size {
  if (body.length < 5 || body[0] !== 0x2f) throw new NotAPicture(ODD);
  const bits = fourBytes(body, 1);
  return { width: (bits & 0x3fff) + 1, height: ((bits >>> 14) & 0x3fff) + 1 };
}

function extendedSize(body: Uint8Array): Size {
  if (body.length < 10) throw new NotAPicture(ODD);
  if ((body[0]! & MOVES) !== 0) throw new NotAPicture('moves: choose a picture that is still');
  const side = (at: number) => 1 + (body[at]! | (body[at + 1]! << 8) | (body[at + 2]! << 16));
  return { width: side(4), height: side(7) };
}

function extendedHeader({ width, height }: Size): Chunk {
  const side = (length: number) => [0, 8, 16].map((bits) => ((length - 1) >> bits) & 0xff);
  const body = Uint8Array.from([SEEN_THROUGH, 0, 0, 0, ...side(width), ...side(height)]);
  return { name: 'VP8X', body };
}

function fileOf(chunks: readonly Chunk[]): Uint8Array {
  const parts = chunks.flatMap(({ name, body }) => [
    Uint8Array.from([...codesOf(name), ...asFour(body.length)]),
    body,
    new Uint8Array(body.length % 2),
  ]);
  const length = parts.reduce((sum, part) => sum + part.length, 'WEBP'.length);
  const header = Uint8Array.from([...codesOf('RIFF'), ...asFour(length), ...codesOf('WEBP')]);
  return joined([header, ...parts]);
}

const codesOf = (name: string): number[] => [...name].map((sign) => sign.charCodeAt(0));
const asFour = (value: number): number[] => [0, 8, 16, 24].map((bits) => (value >>> bits) & 0xff);
const fourBytes = (bytes: Uint8Array, at: number): number =>
  ((bytes[at] ?? 0) |
    ((bytes[at + 1] ?? 0) << 8) |
    ((bytes[at + 2] ?? 0) << 16) |
    ((bytes[at + 3] ?? 0) << 24)) >>>
  0;
