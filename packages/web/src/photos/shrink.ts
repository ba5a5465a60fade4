import { LONGEST_SIDE, MOST_BYTES, MOST_SMALL_BYTES, SMALL_SIDE } from '@water-clock/core/photos';

export interface Shrunk {
  /** In base64. */
  readonly picture: string;
  readonly small: string;
}

interface Bounds {
  readonly side: number;
  readonly mostBytes: number;
}

/** Largest first: the first that is small enough is taken. */
const QUALITIES = [0.82, 0.7, 0.55, 0.4];
/** Where no quality is small enough, a smaller side is tried. */
const SMALLER = 0.75;
const SMALLEST_SIDE = 64;

/**
 * Makes a picture small enough to be kept: turned upright, at most {@link LONGEST_SIDE} pixels a side, without anything
 * but the picture. Rejects in words where it cannot be read.
 */
export async function shrink(file: Blob): Promise<Shrunk> {
  const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' }).catch(() => {
    throw new Error('it cannot be read as a picture. Choose a JPEG, PNG or WebP.');
  });
  try {
    const small = await drawn(bitmap, { side: SMALL_SIDE, mostBytes: MOST_SMALL_BYTES });
    const picture = await drawn(bitmap, { side: LONGEST_SIDE, mostBytes: MOST_BYTES });
    return { picture: base64Of(await bytesOf(picture)), small: base64Of(await bytesOf(small)) };
  } finally {
    bitmap.close();
  }
}

async function drawn(bitmap: ImageBitmap, { side, mostBytes }: Bounds): Promise<Blob> {
  for (let longest = side; longest >= SMALLEST_SIDE; longest *= SMALLER) {
    const canvas = canvasOf(bitmap, longest);
    for (const quality of QUALITIES) {
      const blob = await blobOf(canvas, quality);
      if (blob.size <= mostBytes) return blob;
    }
  }
  throw new Error('it cannot be made small enough. Choose another picture.');
}

function canvasOf(bitmap: ImageBitmap, longest: number): HTMLCanvasElement {
  const scale = Math.min(1, longest / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(bitmap.width * scale));
  canvas.height = Math.max(1, Math.round(bitmap.height * scale));
  const context = canvas.getContext('2d');
  if (!context) throw new Error('this browser cannot draw it.');
  // What can be seen through stands on white.
  context.fillStyle = 'white';
  context.fillRect(0, 0, canvas.width, canvas.height);
  context.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  return canvas;
}

/** As WebP, or as JPEG where a browser cannot write that. */
async function blobOf(canvas: HTMLCanvasElement, quality: number): Promise<Blob> {
  const as = (type: string) =>
    new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, type, quality));
  const webp = await as('image/webp');
  if (webp?.type === 'image/webp') return webp;
  const jpeg = await as('image/jpeg');
  if (!jpeg) throw new Error('this browser cannot make it small.');
  return jpeg;
}

/** Few enough at a time for the stack of a telephone. */
const AT_ONCE = 8192;

const bytesOf = async (blob: Blob): Promise<Uint8Array> => new Uint8Array(await blob.arrayBuffer());

export function base64Of(bytes: Uint8Array): string {
  const parts: string[] = [];
  for (let at = 0; at < bytes.length; at += AT_ONCE)
    parts.push(String.fromCharCode(...bytes.subarray(at, at + AT_ONCE)));
  return btoa(parts.join(''));
}
