import { NotAPicture, type Picture } from './picture.js';

const CUT_OFF = 'is cut off: choose it once more';

/** Markers of the JPEG standard (ITU-T T.81, table B.1). */
const MARK = 0xff;
const [START, END, SCAN, COMMENT] = [0xd8, 0xd9, 0xda, 0xfe];
const [FIRST_OWN, LAST_OWN, FILE_HEADER, COLOURS] = [0xe0, 0xef, 0xe0, 0xee];
/** A frame's header says how large it is; these three of its range are tables. */
const [FIRST_FRAME, LAST_FRAME, NOT_FRAMES] = [0xc0, 0xcf, [0xc4, 0xc8, 0xcc]];
const isFrame = (marker: number) =>
  marker >= FIRST_FRAME && marker <= LAST_FRAME && !NOT_FRAMES.includes(marker);
/** Within a scan: a byte that looks like a marker, and restarts. */
const isOfScan = (marker: number) => marker === 0 || (marker >= 0xd0 && marker <= 0xd7);
/** A header without a thumbnail of its own. */
const PLAIN_HEADER_BYTES = 16;

/** What tells of place, camera and owner: everything an application may write, but for the plain header and colours. */
function isKept(marker: number, length: number): boolean {
  if (marker === COMMENT) return false;
  if (marker < FIRST_OWN || marker > LAST_OWN) return true;
  return marker === COLOURS || (marker === FILE_HEADER && length === PLAIN_HEADER_BYTES);
}

export const isJpeg = (bytes: Uint8Array): boolean => bytes[0] === MARK && bytes[1] === START;

/** Reads how large a JPEG is by its header, and leaves out all that is not its picture; nothing is decoded. */
export function readJpeg(bytes: Uint8Array): Picture {
  const parts: Uint8Array[] = [bytes.subarray(0, 2)];
  let size: { readonly width: number; readonly height: number } | null = null;
  let hasScan = false;
  for (let at = 2; ;) {
    if (at + 1 >= bytes.length) throw new NotAPicture(CUT_OFF);
    if (bytes[at] !== MARK) throw new NotAPicture('is no whole JPEG: choose another picture');
    const marker = bytes[at + 1]!;
    if (marker === MARK) {
      at += 1;
      continue;
    }
    if (marker === END) {
      if (!size || !hasScan) throw new NotAPicture('has no picture in it: choose another');
      parts.push(bytes.subarray(at, at + 2));
      return { media: 'image/jpeg', ...size, bytes: joined(parts) };
    }
    const length = twoBytes(bytes, at + 2);
    let end = at + 2 + length;
    if (length < 2 || end > bytes.length) throw new NotAPicture(CUT_OFF);
    if (isFrame(marker)) {
      if (size || length < 8) throw new NotAPicture('is no whole JPEG: choose another picture');
      size = { height: twoBytes(bytes, at + 5), width: twoBytes(bytes, at + 7) };
    }
    if (marker === SCAN) {
      hasScan = true;
      end = endOfScan(bytes, end);
    }
    if (isKept(marker, length)) parts.push(bytes.subarray(at, end));
    at = end;
  }
}

/** Where what was scanned ends, and a marker begins. */
function endOfScan(bytes: Uint8Array, from: number): number {
  for (let at = from; at + 1 < bytes.length; at++)
    if (bytes[at] === MARK && bytes[at + 1] !== MARK && !isOfScan(bytes[at + 1]!)) return at;
  throw new NotAPicture(CUT_OFF);
}

const twoBytes = (bytes: Uint8Array, at: number): number =>
  (bytes[at] ?? 0) * 256 + (bytes[at + 1] ?? 0);

export function joined(parts: readonly Uint8Array[]): Uint8Array {
  const all = new Uint8Array(parts.reduce((sum, { length }) => sum + length, 0));
  let at = 0;
  for (const part of parts) {
    all.set(part, at);
    at += part.length;
  }
  return all;
}
