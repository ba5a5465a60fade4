import { StreamableFile } from '@nestjs/common';
import type { PhotoBytes } from './photos.service.js';

/** A picture by itself: whatever is in it, a browser shows it as a picture and runs nothing. */
export const PHOTO_POLICY = "default-src 'none'; sandbox";

export const photoFile = ({ media, bytes }: PhotoBytes): StreamableFile =>
  new StreamableFile(bytes, {
    type: media,
    disposition: `inline; filename="photo.${media === 'image/jpeg' ? 'jpg' : 'webp'}"`,
    length: bytes.length,
  });

export const PHOTO_SCHEMA = {
  'image/jpeg': { schema: { type: 'string', format: 'binary' } },
  'image/webp': { schema: { type: 'string', format: 'binary' } },
};
