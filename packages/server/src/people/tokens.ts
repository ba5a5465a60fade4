import { createHash, randomBytes } from 'node:crypto';

/** What opens something, told once; only its hash is kept. */
export const newToken = (): string => randomBytes(32).toString('base64url');

export const tokenHash = (token: string): string =>
  createHash('sha256').update(token).digest('hex');
