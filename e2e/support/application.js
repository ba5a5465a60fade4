// The built application as a person starts it, on a database of its own.
import { execFileSync, spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { freePort, startThrowAwayCluster } from '../../tools/cluster.js';
import { serverProgram } from '../../tools/data-folder.js';
import { cloneTemplate, DEMO, EMPTY, makeTemplates } from '../../tools/templates.js';
import { endsWithUs } from '../../tools/ends-with-us.js';

/**
 * Makes an empty, migrated database in a cluster, with the demo homes if asked for; gives its URL.
 * @param {string} clusterUrl
 * @param {{ demo?: boolean, large?: boolean }} [options]
 */
export function makeDatabase(clusterUrl, { demo = false, large = false } = {}) {
  makeTemplates(clusterUrl);
  const databaseUrl = cloneTemplate(clusterUrl, demo || large ? DEMO : EMPTY);
  if (large) {
    const env = { ...process.env, DATABASE_URL: databaseUrl };
    execFileSync(process.execPath, [serverProgram('load-demo'), '--large'], { env });
  }
  return databaseUrl;
}

/** By which a test sets up the first firm. */
export const SETUP_CODE = 'made-up-code';

/**
 * Starts a server process on a database; ready when it gives its URL. `end` sends it a signal and
 * waits until it is gone, if it is not already.
 * @param {string} databaseUrl
 * @param {{ simulatorUrl?: string, onPort?: number, environment?: Record<string, string> }} [options]
 * @returns {Promise<{ url: string, end: (signal: NodeJS.Signals) => Promise<void> }>}
 */
export async function startServer(databaseUrl, { simulatorUrl, onPort, environment } = {}) {
  const port = onPort ?? (await freePort());
  const mailFolder = mkdtempSync(join(tmpdir(), 'water-clock-mail-'));
  const env = {
    ...process.env,
    DATABASE_URL: databaseUrl,
    PORT: String(port),
    SIMULATOR_URL: simulatorUrl ?? '',
    SETUP_CODE,
    MAIL_FOLDER: mailFolder,
    // What is refused on purpose is not told.
    LOG_LEVEL: 'error',
    ...environment,
  };
  const server = spawn(process.execPath, [serverProgram('main')], {
    env,
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  server.once(
    'exit',
    endsWithUs(() => {
      server.kill('SIGKILL');
      rmSync(mailFolder, { recursive: true, force: true });
    }),
  );
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
 * @param {{ demo?: boolean, large?: boolean, simulatorUrl?: string }} [options]
 * @returns {Promise<{ url: string, stop: () => Promise<void> }>}
 */
export async function startApplication(options = {}) {
  const given = process.env['TEST_DATABASE_URL'];
  const cluster = given ? { url: given, stop: () => undefined } : await startThrowAwayCluster();
  const server = await startServer(makeDatabase(cluster.url, options), options);
  return {
    url: server.url,
    stop: async () => {
      await server.end('SIGTERM');
      cluster.stop();
    },
  };
}
