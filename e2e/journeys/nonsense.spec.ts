import { execFileSync } from 'node:child_process';
import { checkout } from '../../tools/data-folder.js';

it('no route answers nonsense with a fault of its own', () => {
  const words = ['tools/fuzz.mjs', '--requests', '400', '--seed', '7'];
  const said = execFileSync(process.execPath, words, { cwd: checkout, encoding: 'utf8' });
  expect(said).toMatch(/400 requests: .*200: \d+.*422: \d+/);
});
