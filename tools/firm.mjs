// bin/firm: adds and lists the firms of an installation that serves many.
import { spawnSync } from 'node:child_process';
import { dataFolder, serverProgram } from './data-folder.js';
import { joinCluster } from './cluster.js';
import { OWN } from './services.mjs';

const words = process.argv.slice(2);
const at = words.indexOf('--data');
const [, data] = at < 0 ? [] : words.splice(at, 2);
const given = process.env.DATABASE_URL;
const cluster = given
  ? { url: given, leave: () => undefined }
  : await joinCluster(dataFolder(data), OWN);
const run = (program, ...more) =>
  spawnSync(process.execPath, [serverProgram(program), ...more], {
    env: { ...process.env, DATABASE_URL: cluster.url },
    stdio: 'inherit',
  }).status;
const status = run('migrate') || run('firm', ...words);
cluster.leave();
process.exit(status ?? 1);
