// A PostgreSQL cluster of our own on loopback: made, started and stopped here, never Debian's own.
import { execFileSync } from 'node:child_process';
import {
  chownSync,
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { createServer } from 'node:net';
import { dirname, join } from 'node:path';
import { endsWithUs } from './ends-with-us.js';

const isRoot = process.getuid?.() === 0;

/** The folder of PostgreSQL's server programs, the newest version there is. */
function programFolder() {
  const root = '/usr/lib/postgresql';
  const versions = existsSync(root) ? readdirSync(root).sort((a, b) => Number(b) - Number(a)) : [];
  const found = versions
    .map((v) => join(root, v, 'bin'))
    .find((at) => existsSync(join(at, 'initdb')));
  if (!found) throw new Error("PostgreSQL's server is not installed: apt-get install postgresql");
  return found;
}

/** Runs a server program; PostgreSQL refuses root, so root runs it as the user `postgres`. */
function asOwner(program, words) {
  const path = join(programFolder(), program);
  const [command, ...rest] = isRoot ? ['runuser', '-u', 'postgres', '--', path] : [path];
  return execFileSync(command, [...rest, ...words], {
    cwd: '/',
    encoding: 'utf8',
    // pg_ctl's server keeps what it inherits open: with a pipe this call would never return.
    stdio: program === 'pg_ctl' ? 'ignore' : ['ignore', 'pipe', 'pipe'],
  });
}

/**
 * A port of loopback that is free now.
 * @returns {Promise<number>}
 */
export function freePort() {
  return new Promise((resolve, reject) => {
    const probe = createServer();
    probe.once('error', reject);
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address();
      probe.close(() => resolve(port));
    });
  });
}

const isAlive = (pid) => {
  try {
    process.kill(pid, 0);
    return true;
  } catch (error) {
    return error.code === 'EPERM';
  }
};

/** The port of the cluster that is running in `folder`, or null. */
function runningPort(folder) {
  const pidFile = join(folder, 'postmaster.pid');
  if (!existsSync(pidFile)) return null;
  const [pid, , , port] = readFileSync(pidFile, 'utf8').split('\n');
  return isAlive(Number(pid)) ? Number(port) : null;
}

/**
 * Starts the cluster in `folder`, making it first where there is none. One that is still running
 * there, left by a start that was killed, is taken over. `settings` are for the server's command
 * line; `onPort` asks for a port. Returns the URL of a database in it and a function that stops it.
 */
export async function startCluster(folder, options = {}) {
  const { settings = [], database = 'water_clock', onPort } = options;
  if (!existsSync(join(folder, 'PG_VERSION'))) {
    mkdirSync(dirname(folder), { recursive: true });
    mkdirSync(folder, { mode: 0o700 });
    if (isRoot) {
      const uid = Number(execFileSync('id', ['-u', 'postgres'], { encoding: 'utf8' }));
      chownSync(folder, uid, uid);
    }
    asOwner('initdb', [
      '--auth=trust',
      '--locale=C.UTF-8',
      '-E',
      'UTF8',
      '-U',
      'water_clock',
      '-D',
      folder,
    ]);
  }
  let port = runningPort(folder);
  if (port === null) {
    port = onPort ?? (await freePort());
    const options = ['listen_addresses=127.0.0.1', 'unix_socket_directories=', ...settings];
    const line = `-p ${port} ${options.map((option) => `-c ${option}`).join(' ')}`;
    asOwner('pg_ctl', ['-D', folder, '-w', '-l', join(folder, 'server.log'), '-o', line, 'start']);
  }
  const base = ['-h', '127.0.0.1', '-p', String(port), '-U', 'water_clock'];
  const known = execFileSync(
    'psql',
    [...base, '-d', 'postgres', '-Atc', 'SELECT datname FROM pg_database'],
    { encoding: 'utf8' },
  );
  if (!known.split('\n').includes(database)) asOwner('createdb', [...base, database]);
  return {
    url: `postgres://water_clock@127.0.0.1:${port}/${database}`,
    stop: () => asOwner('pg_ctl', ['-D', folder, '-m', 'fast', '-w', 'stop']),
  };
}

/**
 * Starts the cluster in `folder`, or joins those who have it running: whoever leaves last stops it. Returns the
 * URL of its database and a function that leaves.
 */
export async function joinCluster(folder, database = 'water_clock') {
  const users = `${folder}.users`;
  mkdirSync(users, { recursive: true });
  writeFileSync(join(users, String(process.pid)), '');
  const cluster = await startCluster(folder, { database });
  return {
    url: cluster.url,
    leave: () => {
      rmSync(join(users, String(process.pid)), { force: true });
      // One that was killed has left without a word.
      const others = readdirSync(users).map(Number).filter(isAlive);
      if (others.length === 0) cluster.stop();
    },
  };
}

const signal = (pid, name) => {
  try {
    process.kill(Number(pid), name);
  } catch {
    // It went with the one before.
  }
};

/** Alive, and not only waiting to be reaped. */
const runs = (pid) => {
  try {
    return !/^\S+ \(.*\) Z/.test(readFileSync(`/proc/${pid}/stat`, 'utf8'));
  } catch {
    return false;
  }
};

/** Kills the cluster in `folder` as a power cut would: at once, and every process of it; none of them is left. */
export function killCluster(folder) {
  const [postmaster] = readFileSync(join(folder, 'postmaster.pid'), 'utf8').split('\n');
  // Held still first: one that it begins meanwhile would go on writing beside whoever starts next.
  signal(postmaster, 'SIGSTOP');
  const children = execFileSync('ps', ['-o', 'pid=', '--ppid', postmaster], { encoding: 'utf8' });
  const all = [postmaster, ...children.trim().split(/\s+/)];
  for (const pid of all) signal(pid, 'SIGKILL');
  while (all.some(runs));
  // Where nobody reaps the dead its number lives on, and would keep the next start from the folder.
  rmSync(join(folder, 'postmaster.pid'), { force: true });
}

const QUICK = ['fsync=off', 'synchronous_commit=off', 'full_page_writes=off'];

/**
 * A cluster for one test run, in a new folder: without the cost of durable writes, unless the test
 * is about them.
 */
export async function startThrowAwayCluster({ isDurable = false } = {}) {
  const parent = execFileSync('mktemp', ['-d', '/tmp/water-clock-test-XXXXXX'], {
    encoding: 'utf8',
  }).trim();
  execFileSync('chmod', ['711', parent]);
  const folder = join(parent, 'data');
  const cluster = await startCluster(folder, { settings: isDurable ? [] : QUICK });
  return {
    url: cluster.url,
    folder,
    stop: endsWithUs(() => {
      cluster.stop();
      rmSync(dirname(folder), { recursive: true, force: true });
    }),
  };
}
