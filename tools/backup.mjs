// bin/backup and bin/restore: all of an installation as one file, and back.
import { execFileSync, spawnSync } from 'node:child_process';
import { existsSync, renameSync, rmSync, statSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { joinCluster } from './cluster.js';
import { dataFolder, serverProgram } from './data-folder.js';
import { DEMO, OWN, stopWith } from './services.mjs';

const USE = 'Use: bin/backup FILE, or bin/restore FILE; each with [--data DIR] [--demo]';

function readOptions() {
  try {
    return parseArgs({
      allowPositionals: true,
      options: { data: { type: 'string' }, demo: { type: 'boolean', default: false } },
    });
  } catch (error) {
    return stopWith(`${error.message} ${USE}`);
  }
}

const {
  positionals: [verb, file, ...more],
  values: { data, demo },
} = readOptions();
if (!['backup', 'restore'].includes(verb) || !file || more.length > 0) stopWith(USE);
if (verb === 'restore' && !existsSync(file)) stopWith(`there is no file ${file}.`);
if (verb === 'backup' && existsSync(file))
  stopWith(`${file} is there already: it is not overwritten.`);

const given = process.env.DATABASE_URL;
const cluster = given
  ? { url: given, leave: () => undefined }
  : await joinCluster(dataFolder(data), demo ? DEMO : OWN);

/** Ends with what a program of PostgreSQL's said, in one sentence. */
function stopped(what, { stderr, message }) {
  cluster.leave();
  stopWith(
    `${what}: ${
      String(stderr || message)
        .trim()
        .split('\n')[0]
    }`,
  );
}

const run = (program, ...words) =>
  execFileSync(program, words, { encoding: 'utf8', stdio: ['ignore', 'pipe', 'pipe'] });
const ask = (statement) => run('psql', cluster.url, '-Atqc', statement).trim();

function backUp() {
  // Under its name only when it is whole and can be read.
  const part = `${file}.part`;
  try {
    run('pg_dump', '--format=custom', '--no-owner', `--file=${part}`, cluster.url);
    run('pg_restore', '--list', part);
    renameSync(part, file);
  } catch (error) {
    rmSync(part, { force: true });
    stopped('nothing was backed up', error);
  }
  const megabytes = (statSync(file).size / 1e6).toFixed(1);
  console.log(`${file}: ${ask('SELECT count(*) FROM properties')} properties, ${megabytes} MB`);
}

function restore() {
  if (ask(`SELECT to_regclass('public.people') IS NOT NULL`) === 't')
    stopped('nothing was restored', {
      message:
        'something is in this database already: choose an empty one, by --data or DATABASE_URL',
    });
  try {
    run(
      'pg_restore',
      '--no-owner',
      '--exit-on-error',
      '--single-transaction',
      `--dbname=${cluster.url}`,
      file,
    );
  } catch (error) {
    stopped('nothing was restored', error);
  }
  // What an earlier version kept is brought up to this one.
  const { status } = spawnSync(process.execPath, [serverProgram('migrate')], {
    env: { ...process.env, DATABASE_URL: cluster.url },
    stdio: 'inherit',
  });
  if (status !== 0) process.exitCode = 1;
  else console.log(`restored: ${ask('SELECT count(*) FROM properties')} properties`);
}

if (verb === 'backup') backUp();
else restore();
cluster.leave();
