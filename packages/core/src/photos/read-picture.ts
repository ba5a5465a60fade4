import { err, ok, type Result } from '../kernel/index.js';
import { NotAPicture, type Picture } from './picture.js';
import { isJpeg, readJpeg } from './read-jpeg.js';
import { isWebp, readWebp } from './read-webp.js';

interface Bounds {
  /** In pixels. */
  readonly longestSide: number;
  readonly mostBytes: number;
}

/**
 * A picture by its header, with all that is not picture left out of it, or why it is not taken: the end of a sentence
 * that begins with what it is.
 */
export function readPicture(
  bytes: Uint8Array,
  { longestSide, mostBytes }: Bounds,
): Result<Picture, string> {
  if (bytes.length > mostBytes)
    return err(`must be at most ${Math.floor(mostBytes / 1024)} KB: it is made small first`);
  try {
    const picture = pictureOf(bytes);
    const { width, height } = picture;
    if (width < 1 || height < 1) return err('has no size: choose another picture');
    if (Math.max(width, height) > longestSide)
      return err(`must be at most ${longestSide} pixels a side, and is ${width} × ${height}`);
    return ok(picture);
  } catch (error) {
    if (error instanceof NotAPicture) return err(error.message);
    throw error;
  }
}

function pictureOf(bytes: Uint8Array): Picture {
  if (isJpeg(bytes)) return readJpeg(bytes);
  if (isWebp(bytes)) return readWebp(bytes);
  throw new NotAPicture('is neither a JPEG nor a WebP, whatever its name says');
}
