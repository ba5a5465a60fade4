// What the server needs beside itself: a database that is up to date, with the demo in it, and the simulator.
import { spawnSync } from 'node:child_process';
import { createServer } from 'node:net';
import { joinCluster } from './cluster.js';
import { serverProgram } from './data-folder.js';
import { startSimulator } from './simulator.js';

/** Databases of a cluster: the demo and a firm of one's own are never in one. */
export const DEMO = 'water_clock';
export const OWN = 'water_clock_firms';

export function stopWith(sentence) {
  console.error(`water-clock: ${sentence}`);
  process.exit(1);
}

/** A port from the command line that nobody uses; anything else ends the program with a sentence. */
export async function portFrom(text, name) {
  const port = Number(text);
  if (!Number.isInteger(port) || port < 1 || port > 65_535)
    stopWith(`${name} must be a port number, not "${text}".`);
  const isFree = await new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(false));
    probe.listen(port, '127.0.0.1', () => probe.close(() => resolve(true)));
  });
  if (!isFree)
    stopWith(`port ${port} is taken: stop what uses it, or choose another with ${name}.`);
  return port;
}

/**
 * Makes all of it ready. Returns the environment for the server, and a function that ends what was started here:
 * a database that somebody else uses too is left alone.
 */
export async function startServices(options) {
  const { folder, isFresh, isEmpty = false, port, program = serverProgram } = options;
  // With a DATABASE_URL of its own the same build serves from any PostgreSQL.
  const given = process.env.DATABASE_URL;
  const cluster = given
    ? { url: given, leave: () => undefined }
    : await joinCluster(folder, isEmpty ? OWN : DEMO).catch((error) =>
        stopWith(`no database could be started in ${folder}: ${error.stderr ?? error.message}`),
      );
  const simulator = await startSimulator();
  const environment = {
    ...process.env,
    DATABASE_URL: cluster.url,
    SIMULATOR_URL: simulator.url,
    PORT: String(port),
  };
  const stop = () => {
    simulator.stop();
    cluster.leave();
  };
  const demo = isEmpty ? [] : [['load-demo', isFresh ? ['--fresh'] : []]];
  for (const [name, words] of [['migrate', []], ...demo]) {
    const { status } = spawnSync(process.execPath, [program(name), ...words], {
      env: environment,
      stdio: 'inherit',
    });
    if (status === 0) continue;
    stop();
    process.exit(1);
  }
  return { environment, stop };
}
