import { execFileSync } from 'node:child_process';
import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import PgBoss from 'pg-boss';
import { freePort } from '../../tools/cluster.js';
import { checkout } from '../../tools/data-folder.js';
import { startSimulator } from '../../tools/simulator.js';
import { makeDatabase, SETUP_CODE, startServer } from '../support/application.js';
import { startNginx, type BehindNginx } from '../support/behind-nginx.js';

const PASSWORD = 'seven quiet gutters';
const EMAIL = 'odo@farhill.example';
/** Tries for one e-mail before the next one waits. */
const TRIES = 5;

type Process = Awaited<ReturnType<typeof startServer>>;

let databaseUrl: string;
let ports: [number, number, number];
let processes: Process[];
let nginx: BehindNginx;
let simulator: Awaited<ReturnType<typeof startSimulator>>;
let cookie: string;

const environment = { TRUSTED_PROXIES: 'loopback', SECURE_COOKIES: 'yes' };
const start = (port: number) =>
  startServer(databaseUrl, { onPort: port, simulatorUrl: simulator.url, environment });
const psql = (statement: string) =>
  execFileSync('psql', [databaseUrl, '-Atqc', statement], { encoding: 'utf8' }).trim();
/** What one process answers, past nginx. */
const direct = (index: number, path: string, init: RequestInit = {}) =>
  fetch(`http://127.0.0.1:${ports[index]}/api${path}`, {
    ...init,
    headers: { cookie, 'content-type': 'application/json', 'x-forwarded-proto': 'https' },
  });

const PLAN = {
  format: 'waterclock.plan/2',
  timer: { name: 'Wall timer' },
  stations: [{ number: 1, name: 'Kerb strip' }],
  programs: [
    {
      id: 'A',
      starts: ['04:00'],
      days: { mode: 'weekdays', weekdays: [1, 2] },
      runs: [{ station: 1, seconds: 600 }],
    },
  ],
};

beforeAll(async () => {
  databaseUrl = makeDatabase(process.env['TEST_DATABASE_URL']!);
  simulator = await startSimulator();
  ports = [await freePort(), await freePort(), await freePort()];
  processes = await Promise.all(ports.map(start));
  nginx = await startNginx(ports);
  const { status, headers } = await nginx.ask('POST', '/setup', {
    ...{ firm: 'Far Hill Water', name: 'Odo Brandt', email: EMAIL },
    ...{ password: PASSWORD, code: SETUP_CODE },
  });
  expect(status).toBe(204);
  const [given] = headers['set-cookie'] as string[];
  expect(given).toMatch(/^__Host-.*; Path=\/; .*Secure/);
  cookie = given!.split(';')[0]!;
});
afterAll(async () => {
  await nginx.stop();
  await Promise.all(processes.map((one) => one.end('SIGTERM')));
  simulator.stop();
});

const idOf = ({ body }: { body: unknown }) => (body as { id: string }).id;

it('who signed in at one process is known at each, and TLS is insisted on', async () => {
  for (const index of [0, 1, 2]) expect((await direct(index, '/session')).status).toBe(200);
  const { headers } = await nginx.ask('GET', '/session', undefined, cookie);
  expect(headers['strict-transport-security']).toContain('max-age');
  const plain = (path: string) => fetch(`${nginx.plainUrl}${path}`, { redirect: 'manual' });
  expect((await plain('/api/session')).status).toBe(404);
  expect((await plain('/sign-in')).status).toBe(301);
});

it('tries to sign in are counted over all of them', async () => {
  const body = JSON.stringify({ email: 'nobody@farhill.example', password: 'wrong' });
  const answers: number[] = [];
  for (let count = 0; count < TRIES * 2; count++)
    answers.push((await direct(count % 3, '/session', { method: 'POST', body })).status);
  expect(answers.filter((status) => status === 401).length).toBeLessThanOrEqual(TRIES);
  expect(answers.slice(-3)).toEqual([429, 429, 429]);
});

it('a simulated timer that one of them connected obeys the others', async () => {
  const { body: home } = await nginx.ask('POST', '/properties', { name: 'Reed house' }, cookie);
  const timer = await nginx.ask(
    ...(['POST', `/properties/${(home as { id: string }).id}/timers`] as const),
    { name: 'Garage', document: PLAN },
    cookie,
  );
  const path = `/timers/${idOf(timer)}/simulator`;
  const connect = JSON.stringify({ reads: '2026-06-01T08:00:00', document: PLAN });
  expect((await direct(0, path, { method: 'PUT', body: connect })).status).toBe(200);
  const on = JSON.stringify({ command: 'run-station', station: 1, seconds: 60 });
  const told = await direct(1, `${path}/commands`, { method: 'POST', body: on });
  expect(told.status).toBeLessThan(300);
  const { status } = await direct(2, path);
  expect(status).toBe(200);
});

it('the hourly round is done once for each firm, by whichever is free', async () => {
  const boss = new PgBoss({
    ...{ connectionString: databaseUrl, schema: 'rounds', max: 1 },
    ...{ migrate: false, supervise: false, schedule: false },
  });
  await boss.start();
  await boss.send('every-hour', {});
  while (psql('SELECT count(*) FROM standings') === '0') await pause(200);
  while ((await boss.getQueueSize('standings', { before: 'completed' })) > 0) await pause(200);
  expect(psql(`SELECT count(*) FROM rounds.job WHERE name = 'standings'`)).toBe('1');
  expect(psql('SELECT count(DISTINCT timer_id) FROM standings')).toBe(
    psql('SELECT count(*) FROM timers'),
  );
  await boss.stop({ graceful: false, wait: true });
});

const CLIENTS = 8;
const SAVES_EACH = 40;

/** What a client was told is saved, and what it asked for without an answer. */
interface Saved {
  readonly id: string;
  acknowledged: string;
  unanswered: string[];
}

it('one of them ends under load, and what was said to be saved is', async () => {
  let count = 0;
  let ended: Promise<void> | undefined;
  const lost: number[] = [];
  const client = async (number: number): Promise<Saved> => {
    const name = `House ${number}`;
    const saved: Saved = {
      id: idOf(await nginx.ask('POST', '/properties', { name }, cookie)),
      acknowledged: '',
      unanswered: [],
    };
    let version = 1;
    for (let save = 1; save <= SAVES_EACH; save++) {
      const gateNotes = `Note ${number} ${save}`;
      const path = `/properties/${saved.id}`;
      const answer = await nginx.ask('PUT', path, { name, gateNotes, version }, cookie);
      if (answer.status === 200) {
        saved.acknowledged = gateNotes;
        saved.unanswered = [];
        version++;
      } else {
        lost.push(answer.status);
        saved.unanswered.push(gateNotes);
        // What became of it nobody said: it is looked at, as the application does.
        const now = await nginx.ask('GET', path, undefined, cookie);
        expect(now.status).toBe(200);
        ({ version } = now.body as { version: number });
      }
      if (++count === 100) ended = processes[1]!.end('SIGKILL');
    }
    return saved;
  };
  const all = await Promise.all(Array.from({ length: CLIENTS }, (_, number) => client(number)));
  await ended;
  // Nobody but who was being answered by it noticed.
  expect(lost.length).toBeLessThanOrEqual(CLIENTS);
  expect(lost.every((status) => status === 0 || status === 502)).toBe(true);
  for (const { id, acknowledged, unanswered } of all) {
    const { body } = await nginx.ask('GET', `/properties/${id}`, undefined, cookie);
    expect([acknowledged, ...unanswered]).toContain((body as { gateNotes: string }).gateNotes);
  }
  processes[1] = await start(ports[1]);
  expect((await direct(1, '/ready')).status).toBe(200);
});

it('one that is asked to end answers what it has begun, and nobody notices', async () => {
  const asked = Array.from({ length: 60 }, (_, index) =>
    pause(index * 10).then(() =>
      nginx.ask('GET', '/properties?from=2026-06-01', undefined, cookie),
    ),
  );
  await pause(150);
  await processes[2]!.end('SIGTERM');
  const statuses = (await Promise.all(asked)).map(({ status }) => status);
  expect([...new Set(statuses)]).toEqual([200]);
  processes[2] = await start(ports[2]);
});

it('the units of systemd are as it wants them', () => {
  const folder = mkdtempSync(join(tmpdir(), 'water-clock-units-'));
  cpSync(join(checkout, 'deploy/systemd'), folder, { recursive: true });
  const units = ['water-clock@4781.service', 'water-clock-migrate.service', 'water-clock.target'];
  try {
    const said = execFileSync(
      'systemd-analyze',
      ['verify', '--man=no', ...units.map((unit) => join(folder, unit))],
      { encoding: 'utf8', stdio: ['ignore', 'pipe', 'pipe'] },
    );
    expect(said).toBe('');
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
});
