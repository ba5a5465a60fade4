// Where bin/start keeps its data on this machine.
import { createHash } from 'node:crypto';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';

export const checkout = dirname(dirname(fileURLToPath(import.meta.url)));

/** The folder of the cluster: in one that is asked for, or else of this checkout; as root one that `postgres` can reach. */
export function dataFolder(asked) {
  if (asked !== undefined) return join(resolve(asked), 'postgresql');
  if (process.getuid?.() !== 0) return join(checkout, '.data', 'postgresql');
  const name = createHash('sha256').update(checkout).digest('hex').slice(0, 12);
  return join('/var/lib/water-clock', name);
}

/** A program of the built server. */
export const serverProgram = (name) => join(checkout, 'packages/server/dist', name);
