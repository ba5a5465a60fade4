// Runs Water Clock on this machine: its own PostgreSQL cluster, migrations, demo data or a firm of one's own, the server.
import { randomInt } from 'node:crypto';
import { dirname, join } from 'node:path';
import { parseArgs } from 'node:util';
import { dataFolder, serverProgram } from './data-folder.js';
import { keepRunning } from './keep-running.js';
import { portFrom, startServices, stopWith } from './services.mjs';

const USE = 'Use: bin/start [--port N] [--data DIR] [--fresh | --empty]';

function readOptions() {
  try {
    return parseArgs({
      options: {
        port: { type: 'string', default: '4780' },
        data: { type: 'string' },
        fresh: { type: 'boolean', default: false },
        empty: { type: 'boolean', default: false },
      },
    }).values;
  } catch (error) {
    return stopWith(`${error.message} ${USE}`);
  }
}

const options = readOptions();
if (options.fresh && options.empty)
  stopWith(`--fresh makes the demo anew, --empty begins without it: choose one. ${USE}`);
const port = await portFrom(options.port, '--port');
const folder = dataFolder(options.data);
const services = await startServices({
  folder,
  isFresh: options.fresh,
  isEmpty: options.empty,
  port,
});
/** Told apart by eye, and long enough that nobody guesses it at the door. */
const LETTERS = 'abcdefghjkmnpqrstuvwxyz23456789';
const setupCode = Array.from({ length: 12 }, () => LETTERS[randomInt(LETTERS.length)])
  .join('')
  .replace(/(.{4})(?=.)/g, '$1-');

let isStopping = false;
function stopAll(code) {
  if (isStopping) return;
  isStopping = true;
  services.stop();
  process.exit(code);
}

const url = `http://127.0.0.1:${port}`;
// A process group of its own: Ctrl-C reaches this process first, which then ends the server.
const server = keepRunning('the server', serverProgram('main'), {
  environment: {
    MAIL_FOLDER: join(dirname(folder), 'mail'),
    ...services.environment,
    SETUP_CODE: setupCode,
  },
  onReady: async (isFirst) => {
    if (!isFirst) return;
    console.log(`Water Clock is at ${url}  (Ctrl-C stops it)`);
    const { needsSetup } = await (await fetch(`${url}/api/welcome`)).json();
    if (needsSetup) console.log(`Set up your firm there, by this code: ${setupCode}`);
  },
  onGivenUp: () => stopAll(1),
});
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'])
  process.on(signal, () => void server.end().then(() => stopAll(0)));
