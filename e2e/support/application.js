// The built application as a person starts it, on a database of its own.
import { execFileSync, spawn } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { freePort, startThrowAwayCluster } from '../../tools/cluster.js';
import { serverProgram } from '../../tools/data-folder.js';

/**
 * Makes an empty, migrated database in a cluster, with the demo homes if asked for; gives its URL.
 * @param {string} clusterUrl
 * @param {{ demo?: boolean, large?: boolean }} [options]
 */
export function makeDatabase(clusterUrl, { demo = false, large = false } = {}) {
  const name = `e2e_${randomUUID().replaceAll('-', '')}`;
  execFileSync('psql', [clusterUrl, '-qc', `CREATE DATABASE ${name}`]);
  const databaseUrl = Object.assign(new URL(clusterUrl), { pathname: `/${name}` }).href;
  const env = { ...process.env, DATABASE_URL: databaseUrl };
  execFileSync(process.execPath, [serverProgram('migrate.js')], { env });
  if (demo || large) {
    const words = [serverProgram('load-demo.js'), ...(large ? ['--large'] : [])];
    execFileSync(process.execPath, words, { env });
  }
  return databaseUrl;
}

/**
 * Starts a server process on a database; ready when it gives its URL. `end` sends it a signal and
 * waits until it is gone, if it is not already.
 * @param {string} databaseUrl
 * @param {{ benchUrl?: string, onPort?: number }} [options]
 * @returns {Promise<{ url: string, end: (signal: NodeJS.Signals) => Promise<void> }>}
 */
export async function startServer(databaseUrl, { benchUrl, onPort } = {}) {
  const port = onPort ?? (await freePort());
  const env = {
    ...process.env,
    DATABASE_URL: databaseUrl,
    PORT: String(port),
    BENCH_TIMER_URL: benchUrl ?? '',
  };
  const server = spawn(process.execPath, [serverProgram('main.js')], {
    env,
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  await new Promise((resolve, reject) => {
    server.stdout.once('data', resolve);
    server.once('exit', () => reject(new Error('The server ended before it was ready.')));
  });
  return {
    url: `http://127.0.0.1:${port}`,
    end: async (signal) => {
      if (server.exitCode !== null || server.signalCode !== null) return;
      const ended = new Promise((resolve) => server.once('exit', resolve));
      server.kill(signal);
      await ended;
    },
  };
}

/**
 * The built server on a database of its own, in the cluster of the test run or in a new one.
 * @param {{ demo?: boolean, large?: boolean }} [options]
 * @returns {Promise<{ url: string, stop: () => Promise<void> }>}
 */
export async function startApplication(options = {}) {
  const given = process.env['TEST_DATABASE_URL'];
  const cluster = given ? { url: given, stop: () => undefined } : await startThrowAwayCluster();
  const server = await startServer(makeDatabase(cluster.url, options));
  return {
    url: server.url,
    stop: async () => {
      await server.end('SIGTERM');
      cluster.stop();
    },
  };
}
