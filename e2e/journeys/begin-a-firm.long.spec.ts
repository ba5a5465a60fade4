import { execFileSync, spawn, type ChildProcess } from 'node:child_process';
import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { freePort } from '../../tools/cluster.js';
import { checkout } from '../../tools/data-folder.js';
import { cloneTemplate, EMPTY, makeTemplates } from '../../tools/templates.js';

let data: string;
let child: ChildProcess | undefined;
beforeAll(() => {
  data = mkdtempSync(join(tmpdir(), 'water-clock-firm-'));
  chmodSync(data, 0o711);
});
afterAll(() => {
  child?.kill('SIGKILL');
  rmSync(data, { recursive: true, force: true });
});

const { DATABASE_URL: _other, ...environment } = process.env;

/** `bin/start --empty` as it is once all is installed and built; what it says is gathered. */
async function begin() {
  const port = await freePort();
  const words = ['tools/start.mjs', '--empty', '--port', String(port), '--data', data];
  const said: string[] = [];
  child = spawn(process.execPath, words, {
    cwd: checkout,
    env: environment,
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  for (const stream of [child.stdout!, child.stderr!])
    stream.on('data', (text) => said.push(String(text)));
  const heard = async (words: RegExp): Promise<RegExpExecArray> => {
    for (;;) {
      const found = words.exec(said.join(''));
      if (found) return found;
      if (child!.exitCode !== null) throw new Error(`It ended: ${said.join('')}`);
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
  };
  return { url: `http://127.0.0.1:${port}`, heard };
}

const firm = (...words: string[]) =>
  execFileSync(process.execPath, ['tools/firm.mjs', ...words, '--data', data], {
    cwd: checkout,
    env: environment,
    encoding: 'utf8',
  });

it('a real firm is begun by the code that is printed, without the demo; the server is started again when it dies', async () => {
  const { url, heard } = await begin();
  const [, code] = await heard(/by this code: (\S+)/);
  const post = (path: string, body: object) =>
    fetch(`${url}/api${path}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
  const welcome = async () => (await fetch(`${url}/api/welcome`)).json() as Promise<object>;
  expect(await welcome()).toEqual({ needsSetup: true, demoPeople: [] });
  const fields = {
    ...{ firm: 'Far Hill Water', name: 'Odo Brandt', email: 'odo@farhill.example' },
    password: 'seven quiet gutters',
  };
  expect((await post('/setup', { ...fields, code: 'guessed' })).status).toBe(422);
  expect((await post('/setup', { ...fields, code })).status).toBe(204);
  expect((await post('/session/demo', { personId: crypto.randomUUID() })).status).toBe(404);

  const server = execFileSync('ps', ['-o', 'pid=,args=', '--ppid', String(child!.pid)], {
    encoding: 'utf8',
  })
    .split('\n')
    .find((line) => line.includes('main.mjs'))!;
  process.kill(Number(server.trim().split(' ')[0]), 'SIGKILL');
  await heard(/the server ended \(SIGKILL\); it is started again/);
  for (;;) {
    const answer = await post('/session', fields).catch(() => null);
    if (answer?.status === 422) break;
    await new Promise((resolve) => setTimeout(resolve, 200));
  }
  const { email, password } = fields;
  expect((await post('/session', { email, password })).status).toBe(204);

  // Others are added from the machine itself, and join by a link.
  const said = firm(
    'add',
    'Lower Meadow',
    '--owner',
    'Runa Lind',
    '--email',
    'runa@meadow.example',
  );
  const [, token] = /join\/([\w-]+)/.exec(said)!;
  expect((await post(`/session/links/${token}`, { password })).status).toBe(200);
  expect(firm('list').replace(/\t[\w-]{36}$/gm, '')).toBe(
    'Far Hill Water\t1 people\t0 properties\nLower Meadow\t1 people\t0 properties\n',
  );

  // One of them moves to an installation of its own.
  const file = join(data, 'lower-meadow.jsonl.gz');
  expect(firm('export', 'Lower Meadow', file)).toMatch(/Lower Meadow, \d+ rows/);
  expect(() => firm('export', 'Lower Meadow', file)).toThrow('is not overwritten');
  const clusterUrl = process.env['TEST_DATABASE_URL']!;
  makeTemplates(clusterUrl);
  const elsewhere = { ...environment, DATABASE_URL: cloneTemplate(clusterUrl, EMPTY) };
  const bringIn = () =>
    execFileSync(process.execPath, ['tools/firm.mjs', 'import', file], {
      ...{ cwd: checkout, env: elsewhere, encoding: 'utf8' as const },
    });
  expect(bringIn()).toMatch(/Lower Meadow is imported, \d+ rows\.\nRuna Lind joins it/);
  expect(bringIn).toThrow('this firm is here already');

  const ended = new Promise((resolve) => child!.once('exit', resolve));
  child!.kill('SIGTERM');
  expect(await ended).toBe(0);
});
