// Runs Water Clock on this machine: its own PostgreSQL cluster, migrations, demo data, the server.
import { spawn } from 'node:child_process';
import { parseArgs } from 'node:util';
import { dataFolder, serverProgram } from './data-folder.js';
import { portFrom, startServices, stopWith } from './services.mjs';

function readOptions() {
  try {
    return parseArgs({
      options: {
        port: { type: 'string', default: '4780' },
        data: { type: 'string' },
        fresh: { type: 'boolean', default: false },
      },
    }).values;
  } catch (error) {
    return stopWith(`${error.message} Use: bin/start [--port N] [--data DIR] [--fresh]`);
  }
}

const options = readOptions();
const port = await portFrom(options.port, '--port');
const services = await startServices({
  folder: dataFolder(options.data),
  isFresh: options.fresh,
  port,
});

let isStopping = false;
function stopAll(code) {
  if (isStopping) return;
  isStopping = true;
  services.stop();
  process.exit(code);
}

// A process group of its own: Ctrl-C reaches this process first, which then ends the server.
const server = spawn(process.execPath, [serverProgram('main')], {
  env: services.environment,
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
