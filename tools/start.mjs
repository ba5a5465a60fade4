// Runs Water Clock on this machine: its own PostgreSQL cluster, migrations, demo data, the server.
import { spawn, spawnSync } from 'node:child_process';
import { createServer } from 'node:net';
import { parseArgs } from 'node:util';
import { startSimulator } from './simulator.js';
import { startCluster } from './cluster.js';
import { dataFolder, serverProgram } from './data-folder.js';

function stopWith(sentence) {
  console.error(`water-clock: ${sentence}`);
  process.exit(1);
}

function readOptions() {
  try {
    const { values } = parseArgs({
      options: { port: { type: 'string', default: '4780' }, fresh: { type: 'boolean' } },
    });
    const port = Number(values.port);
    if (!Number.isInteger(port) || port < 1 || port > 65_535)
      stopWith(`--port must be a port number, not "${values.port}".`);
    return { port, fresh: values.fresh === true };
  } catch (error) {
    return stopWith(`${error.message} Use: bin/start [--port N] [--fresh]`);
  }
}

function isFree(port) {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(false));
    probe.listen(port, '127.0.0.1', () => probe.close(() => resolve(true)));
  });
}

const { port, fresh } = readOptions();
if (!(await isFree(port)))
  stopWith(`port ${port} is taken: stop what uses it, or choose another with --port.`);

// With a DATABASE_URL of its own the same build serves from any PostgreSQL.
const given = process.env.DATABASE_URL;
const cluster = given ? { url: given, stop: () => undefined } : await startCluster(dataFolder());
const simulator = await startSimulator();
const environment = {
  ...process.env,
  DATABASE_URL: cluster.url,
  SIMULATOR_URL: simulator.url,
  PORT: String(port),
};

let isStopping = false;
function stopAll(code) {
  if (isStopping) return;
  isStopping = true;
  simulator.stop();
  cluster.stop();
  process.exit(code);
}

function step(name, words = []) {
  const { status } = spawnSync(process.execPath, [serverProgram(name), ...words], {
    env: environment,
    stdio: 'inherit',
  });
  if (status !== 0) stopAll(1);
}

step('migrate.js');
step('load-demo.js', fresh ? ['--fresh'] : []);

// A process group of its own: Ctrl-C reaches this process first, which then ends the server.
const server = spawn(process.execPath, [serverProgram('main.js')], {
  env: environment,
  stdio: ['ignore', 'pipe', 'inherit'],
  detached: true,
});
server.stdout.once('data', () => {
  console.log(`Water Clock is at http://127.0.0.1:${port}  (Ctrl-C stops it)`);
});
// Ended by our own signal it is well; ended by another's, it is not.
let wasAsked = false;
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'])
  process.on(signal, () => {
    wasAsked = true;
    server.kill('SIGTERM');
  });
server.on('exit', (code) => stopAll(wasAsked || code === 0 ? 0 : 1));
