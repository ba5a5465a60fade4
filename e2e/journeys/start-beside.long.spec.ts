import { spawn, type ChildProcess } from 'node:child_process';
import { chmodSync, existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { freePort } from '../../tools/cluster.js';
import { checkout } from '../../tools/data-folder.js';

let data: string;
const started: ChildProcess[] = [];

beforeAll(() => {
  data = mkdtempSync(join(tmpdir(), 'water-clock-start-'));
  // Whoever runs the database must reach the folder.
  chmodSync(data, 0o711);
});
afterAll(() => {
  for (const one of started) one.kill('SIGKILL');
  rmSync(data, { recursive: true, force: true });
});

/** `bin/start` as it is once all is installed and built; gives its address when it serves. */
async function start(): Promise<{ url: string; process: ChildProcess }> {
  const port = await freePort();
  const words = ['tools/start.mjs', '--port', String(port), '--data', data];
  const { DATABASE_URL: _other, ...env } = process.env;
  const child = spawn(process.execPath, words, {
    cwd: checkout,
    env,
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  started.push(child);
  await new Promise<void>((resolve, reject) => {
    child.stdout.on('data', (said) => {
      if (String(said).includes('Water Clock is at')) resolve();
    });
    child.once('exit', () => reject(new Error('It ended before it served.')));
  });
  return { url: `http://127.0.0.1:${port}`, process: child };
}

const end = (child: ChildProcess) =>
  new Promise<number | null>((resolve) => {
    child.once('exit', resolve);
    child.kill('SIGTERM');
  });

const isRunning = () => existsSync(join(data, 'postgresql', 'postmaster.pid'));

const people = async (url: string): Promise<unknown> =>
  ((await (await fetch(`${url}/api/welcome`)).json()) as { demoPeople: unknown }).demoPeople;

it('a second start joins the database of the first, and whoever ends last stops it', async () => {
  const first = await start();
  const second = await start();
  expect(await people(second.url)).toEqual(await people(first.url));

  expect(await end(first.process)).toBe(0);
  expect(isRunning()).toBe(true);
  expect(await people(second.url)).not.toHaveLength(0);

  const third = await start();
  expect(await end(second.process)).toBe(0);
  expect(await people(third.url)).not.toHaveLength(0);
  expect(await end(third.process)).toBe(0);
  expect(isRunning()).toBe(false);
});
