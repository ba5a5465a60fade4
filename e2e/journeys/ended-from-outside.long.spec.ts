import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { existsSync } from 'node:fs';
import { checkout } from '../../tools/data-folder.js';

/** A script that starts an application of its own, says where, and then waits, or fails. */
const script = (then: string) => `
  import { startThrowAwayCluster } from './tools/cluster.js';
  import { startServer, makeDatabase } from './e2e/support/application.js';
  const cluster = await startThrowAwayCluster();
  const { url } = await startServer(makeDatabase(cluster.url));
  console.log(JSON.stringify({ url, folder: cluster.folder }));
  ${then}`;

async function begin(then: string) {
  const { TEST_DATABASE_URL: _other, ...env } = process.env;
  const child = spawn(process.execPath, ['--input-type=module', '-e', script(then)], {
    cwd: checkout,
    env,
    stdio: ['ignore', 'pipe', 'ignore'],
  });
  const [said] = (await once(child.stdout, 'data')) as [Buffer];
  const { url, folder } = JSON.parse(String(said)) as { url: string; folder: string };
  return { child, url, folder };
}

const answers = (url: string): Promise<boolean> =>
  fetch(`${url}/api/health`).then(
    () => true,
    () => false,
  );

it('a script that is ended from outside takes its server and its database with it', async () => {
  const { child, url, folder } = await begin('setInterval(() => undefined, 1000);');
  expect(await answers(url)).toBe(true);
  expect(existsSync(folder)).toBe(true);
  const ended = once(child, 'exit');
  child.kill('SIGTERM');
  expect(await ended).toEqual([143, null]);
  expect(await answers(url)).toBe(false);
  expect(existsSync(folder)).toBe(false);
});

it('a script that fails does so too', async () => {
  const { child, url, folder } = await begin("throw new Error('as planned');");
  if (child.exitCode === null) await once(child, 'exit');
  expect(child.exitCode).toBe(1);
  expect(await answers(url)).toBe(false);
  expect(existsSync(folder)).toBe(false);
});
