// The built application as a person starts it, on a database of its own.
import { execFileSync, spawn } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { join } from 'node:path';
import { freePort, startThrowAwayCluster } from '../../tools/cluster.js';

const program = (name) => join(process.cwd(), 'packages/server/dist', name);

/**
 * Starts the built server on an empty, migrated database, with the demo homes if asked for.
 * @param {{ demo?: boolean, large?: boolean }} [options]
 * @returns {Promise<{ url: string, stop: () => Promise<void> }>}
 */
export async function startApplication({ demo = false, large = false } = {}) {
  const given = process.env['TEST_DATABASE_URL'];
  const cluster = given ? { url: given, stop: () => undefined } : await startThrowAwayCluster();
  const name = `e2e_${randomUUID().replaceAll('-', '')}`;
  execFileSync('psql', [cluster.url, '-qc', `CREATE DATABASE ${name}`]);
  const port = await freePort();
  const env = {
    ...process.env,
    DATABASE_URL: Object.assign(new URL(cluster.url), { pathname: `/${name}` }).href,
    PORT: String(port),
  };
  execFileSync(process.execPath, [program('migrate.js')], { env });
  if (demo || large)
    execFileSync(process.execPath, [program('load-demo.js'), ...(large ? ['--large'] : [])], {
      env,
    });
  const server = spawn(process.execPath, [program('main.js')], {
    env,
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  await new Promise((resolve, reject) => {
    server.stdout.once('data', resolve);
    server.once('exit', () => reject(new Error('The server ended before it was ready.')));
  });
  return {
    url: `http://127.0.0.1:${port}`,
    stop: async () => {
      const ended = new Promise((resolve) => server.once('exit', resolve));
      server.kill('SIGTERM');
      await ended;
      cluster.stop();
    },
  };
}
