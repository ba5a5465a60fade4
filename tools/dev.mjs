// npm run dev: everything as it is worked on. A change of the core or of the server is built at once and the server
// begins anew; a change of the web is in the open page. Its own data folder beside that of bin/start.
import { spawn, spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { checkout, dataFolder, compiledProgram } from './data-folder.js';
import { portFrom, startServices } from './services.mjs';

const WEB_PORT = '5173';

const tsc = join(checkout, 'node_modules/.bin/tsc');
if (spawnSync(tsc, ['-b'], { cwd: checkout, stdio: 'inherit' }).status !== 0) process.exit(1);

const webPort = await portFrom(process.env.WEB_PORT ?? WEB_PORT, 'WEB_PORT');
const port = await portFrom(process.env.PORT ?? '4781', 'PORT');
const folder = `${dataFolder()}-dev`;
const services = await startServices({ folder, isFresh: false, port, program: compiledProgram });

const children = [
  spawn(tsc, ['-b', '--watch', '--preserveWatchOutput'], { cwd: checkout, stdio: 'inherit' }),
  spawn(process.execPath, ['--watch', '--watch-preserve-output', compiledProgram('main')], {
    env: services.environment,
    stdio: 'inherit',
  }),
  spawn(join(checkout, 'node_modules/.bin/vite'), ['--port', String(webPort), '--strictPort'], {
    cwd: join(checkout, 'packages/web'),
    env: { ...process.env, API_PORT: String(port) },
    stdio: 'inherit',
  }),
];

let isStopping = false;
function stopAll() {
  if (isStopping) return;
  isStopping = true;
  for (const child of children) child.kill('SIGTERM');
  services.stop();
  process.exit(0);
}
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, stopAll);
for (const child of children) child.on('exit', stopAll);
