// After the build: every file that gains by it, compressed as far as it goes, beside itself.
import { readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { extname, join } from 'node:path';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';

const DIST = join(import.meta.dirname, 'dist');
const GAINING = ['.js', '.css', '.html', '.svg', '.json', '.webmanifest'];
const LEAST_BYTES = 1000;

for (const name of readdirSync(DIST, { recursive: true })) {
  const path = join(DIST, name);
  if (!GAINING.includes(extname(path)) || statSync(path).size < LEAST_BYTES) continue;
  const content = readFileSync(path);
  const params = { [constants.BROTLI_PARAM_QUALITY]: constants.BROTLI_MAX_QUALITY };
  writeFileSync(`${path}.br`, brotliCompressSync(content, { params }));
  writeFileSync(`${path}.gz`, gzipSync(content, { level: 9 }));
}
