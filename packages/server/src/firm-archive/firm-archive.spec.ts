import { readFile, rm, writeFile, mkdtemp } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gunzipSync, gzipSync } from 'node:zlib';
import request from 'supertest';
import type { DataSource } from 'typeorm';
import { loadDemo } from '../demo/load-demo.js';
import { newDatabase, startTestServer, type TestServer } from '../testing/test-server.js';
import { wholeHome } from '../testing/whole-home.js';
import { ARCHIVED_TABLES, LEFT_BEHIND } from './archived-tables.js';
import { bringIn } from './bring-in.js';
import { writeArchive } from './write-archive.js';

let server: TestServer;
let folder: string;
let lines: string[];
let firmId: string;

beforeAll(async () => {
  folder = await mkdtemp(join(tmpdir(), 'water-clock-archive-'));
  server = await startTestServer();
  await loadDemo(server.source, { fresh: false, now: new Date() });
  [{ id: firmId }] = await server.source.query('SELECT id FROM firms');
  // A firm of its own, and one beside it, of which nothing may be in the archive.
  await server.source.query('UPDATE firms SET is_demo = false');
  const other = await server.signIn('owner');
  await other.agent.post('/api/properties').send({ name: 'Stranger house' }).expect(201);
  const owner = await server.signIn('owner', firmId);
  await wholeHome(owner, { name: 'Plum cottage' });
  const rules = { format: 'waterclock.rules/1', district: 'Far Quillhaven', periods: [] };
  await owner.agent.post('/api/rule-sets').send({ document: rules }).expect(201);
  await owner.agent
    .post('/api/timer-types')
    .send({ name: 'Grey, with a door', capability: {} })
    .expect(201);
  const [set] = await server.source.query('SELECT id FROM rule_sets WHERE firm_id = $1', [firmId]);
  await owner.agent.delete(`/api/rule-sets/${set.id}`).expect(204);
  const { body } = await owner.agent
    .get('/api/firm/archive')
    .buffer(true)
    .parse((response, done) => {
      const parts: Buffer[] = [];
      response.on('data', (part: Buffer) => parts.push(part));
      response.on('end', () => done(null, Buffer.concat(parts)));
    })
    .expect(200)
    .expect('content-type', /gzip/);
  lines = gunzipSync(body as Buffer)
    .toString()
    .trimEnd()
    .split('\n');
});
afterAll(async () => {
  await server.close();
  await rm(folder, { recursive: true, force: true });
});

/** An archive of these lines. */
async function archiveOf(some: readonly string[]): Promise<string> {
  const file = join(folder, `${crypto.randomUUID()}.gz`);
  await writeFile(file, gzipSync(`${some.join('\n')}\n`));
  return file;
}

async function inAnotherDatabase(work: (source: DataSource) => Promise<void>): Promise<void> {
  const { source } = await newDatabase();
  try {
    await work(source);
  } finally {
    await source.destroy();
  }
}

/** But for the words by which a home is found, which the database makes by itself. */
const rowsOf = (source: DataSource, table: string) =>
  source.query<Record<string, unknown>[]>(
    `SELECT to_jsonb(t) - 'search_text' AS "row" FROM ${table} t WHERE ${table === 'firms' ? 'id' : 'firm_id'} = $1 ORDER BY (to_jsonb(t) - 'search_text')::text`,
    [firmId],
  );

it('has every table of a firm, but ways in and what is worked out again', async () => {
  const tables = await server.source.query<{ name: string }[]>(
    `SELECT table_name AS name FROM information_schema.columns
     WHERE table_schema = 'public' AND column_name = 'firm_id' ORDER BY 1`,
  );
  const known = ['firms', ...tables.map(({ name }) => name)].sort();
  expect([...ARCHIVED_TABLES.map(({ table }) => table), ...LEFT_BEHIND].sort()).toEqual(known);
  const text = lines.join('\n');
  expect(text).not.toContain('Stranger house');
  expect(text).not.toContain('password');
  expect(text).not.toContain('argon2');
  const inIt = new Set(lines.slice(1, -1).map((line) => JSON.parse(line).table as string));
  expect([...ARCHIVED_TABLES.map(({ table }) => table)].filter((name) => !inIt.has(name))).toEqual(
    [],
  );
});

it('is in another installation what it was in this one, but that its people are asked in again', async () => {
  const file = await archiveOf(lines);
  await inAnotherDatabase(async (source) => {
    const { owners, rows } = await bringIn(source, file);
    expect(rows).toBe(lines.length - 2);
    expect(owners.length).toBeGreaterThan(0);
    for (const { table } of ARCHIVED_TABLES) {
      if (table === 'people' || table === 'changes') continue;
      expect([table, await rowsOf(source, table)]).toEqual([
        table,
        await rowsOf(server.source, table),
      ]);
    }
    const names = (from: DataSource) =>
      from.query('SELECT id, name, role, removed_at FROM people WHERE firm_id = $1 ORDER BY id', [
        firmId,
      ]);
    expect(await names(source)).toEqual(await names(server.source));
    const changes = (from: DataSource) =>
      from.query(
        `SELECT made_at, person_id, person_name, way, kind, row_id, property_id, name, fields
         FROM changes WHERE firm_id = $1 ORDER BY id`,
        [firmId],
      );
    expect(await changes(source)).toEqual(await changes(server.source));
    expect(await source.query('SELECT 1 FROM people WHERE joined_at IS NOT NULL')).toEqual([]);
    expect(await source.query('SELECT 1 FROM accounts WHERE password_hash IS NOT NULL')).toEqual(
      [],
    );
    const found = await source.query(
      `SELECT 1 FROM properties WHERE search_text LIKE '%plum cottage%' AND search_text LIKE '%garage%'`,
    );
    expect(found.length).toBeGreaterThan(0);
    await expect(bringIn(source, file)).rejects.toThrow('this firm is here already');
    // Written again, it is the same but for its people's state and the numbers of changes.
    const again = join(folder, 'again.gz');
    await writeArchive(source, firmId, again);
    const written = gunzipSync(await readFile(again))
      .toString()
      .trimEnd()
      .split('\n');
    const plain = (all: readonly string[]) =>
      all.filter((line) => !/^."table":"(people|changes)"/.test(line));
    expect(plain(written)).toEqual(plain(lines));
  });
});

it.each([
  ['is cut off', (all: string[]) => all.slice(0, -1), 'cut off'],
  ['lacks a row', (all: string[]) => all.toSpliced(-2, 1), 'not all of its rows'],
  [
    'is of another version',
    ([, ...all]: string[]) => [
      '{"format":"waterclock.firm/1","schema":"Older1","firm":"x"}',
      ...all,
    ],
    'another version',
  ],
  ['is something else', () => ['{"format":"waterclock.plan/2"}'], 'not an archive'],
  [
    'has a row of another firm',
    (all: string[]) =>
      all.map((line) =>
        line.includes('"table":"copies"') ? line.replace(firmId, crypto.randomUUID()) : line,
      ),
    'another firm',
  ],
  [
    'has a document that is none',
    (all: string[]) =>
      all.map((line) =>
        line.includes('"table":"timer_settings"')
          ? line.replace('"programs"', '"programmes"')
          : line,
      ),
    'document',
  ],
  [
    'names a table that an archive has not',
    (all: string[]) => all.map((line) => line.replace('"table":"jobs"', '"table":"accounts"')),
    'no row of a table',
  ],
  ['is no JSON', (all: string[]) => all.with(3, '{'), 'line 4 is not JSON'],
])('one that %s is refused whole, in words', async (_what, change, words) => {
  const file = await archiveOf(change([...lines]));
  await inAnotherDatabase(async (source) => {
    await expect(bringIn(source, file)).rejects.toThrow(words);
    for (const table of ['firms', 'people', 'accounts', 'properties', 'changes'])
      expect(await source.query(`SELECT 1 FROM ${table}`)).toEqual([]);
  });
});

it('a file that is not compressed is refused in words', async () => {
  const file = join(folder, 'plain.txt');
  await writeFile(file, lines.join('\n'));
  await inAnotherDatabase(async (source) => {
    await expect(bringIn(source, file)).rejects.toThrow('cannot be read');
    await expect(bringIn(source, join(folder, 'none'))).rejects.toThrow('cannot be read');
  });
});

it('is for the owner alone', async () => {
  const ines = await server.signIn('technician', firmId);
  await ines.agent.get('/api/firm/archive').expect(403);
  await request(server.app.getHttpServer()).get('/api/firm/archive').expect(401);
});
