/** A picture without anything but its picture. */
export interface Picture {
  readonly media: 'image/jpeg' | 'image/webp';
  /** In pixels, upright. */
  readonly width: number;
  readonly height: number;
  readonly bytes: Uint8Array;
}

/** Of a photo: its longest side in pixels, and its bytes. */
export const LONGEST_SIDE = 1600;
export const MOST_BYTES = 400 * 1024;

/** Of the small one that stands for it in lists. */
export const SMALL_SIDE = 320;
export const MOST_SMALL_BYTES = 40 * 1024;

/** That one link shows. */
export const MOST_SHARED_PHOTOS = 12;

/** Why bytes are not taken for a picture, in words that say how to get one that is. */
export class NotAPicture extends Error {}
