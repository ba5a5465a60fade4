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

const inServer = (file) => join(checkout, 'packages/server/dist', file);

/** A program of the built server: main, migrate or load-demo. */
export const serverProgram = (name) => inServer(`${name}.mjs`);

/** The same as the compiler left it, for who works on it. */
export const compiledProgram = (name) => inServer(`${name}.js`);
