import { execFileSync, spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { checkout } from '../../tools/data-folder.js';
import { makeDatabase } from '../support/application.js';

const clusterUrl = process.env['TEST_DATABASE_URL']!;
const folder = mkdtempSync(join(tmpdir(), 'water-clock-backup-'));
const file = join(folder, 'all.backup');
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const run = (databaseUrl: string, ...words: string[]) => {
  const { status, stdout, stderr } = spawnSync(process.execPath, ['tools/backup.mjs', ...words], {
    cwd: checkout,
    env: { ...process.env, DATABASE_URL: databaseUrl },
    encoding: 'utf8',
  });
  return { status, stdout, stderr };
};

const psql = (url: string, statement: string) =>
  execFileSync('psql', [url, '-Atqc', statement], { encoding: 'utf8' }).trim();

/** Every row of every table, as one number each. */
function contents(url: string): Record<string, string> {
  const tables = psql(
    url,
    `SELECT table_name FROM information_schema.tables WHERE table_schema = 'public' ORDER BY 1`,
  ).split('\n');
  return Object.fromEntries(
    tables.map((table) => [
      table,
      psql(
        url,
        `SELECT count(*) || ' ' || md5(string_agg(t::text, '' ORDER BY t::text)) FROM ${table} t`,
      ),
    ]),
  );
}

function emptyDatabase(name: string): string {
  psql(clusterUrl, `CREATE DATABASE ${name}`);
  return Object.assign(new URL(clusterUrl), { pathname: `/${name}` }).href;
}

it('all that is in a database is kept in a file and comes back from it, row by row', () => {
  const full = makeDatabase(clusterUrl, { demo: true });
  expect(run(full, 'backup', file)).toMatchObject({
    status: 0,
    stdout: expect.stringContaining('6 properties'),
  });
  const other = emptyDatabase(`restored_${process.pid}`);
  expect(run(other, 'restore', file)).toMatchObject({
    status: 0,
    stdout: 'restored: 6 properties\n',
  });
  const [before, after] = [contents(full), contents(other)];
  expect(Object.keys(before).length).toBeGreaterThan(20);
  expect(after).toEqual(before);
  // What holds the invariants came along.
  expect(() => psql(other, 'DELETE FROM changes')).toThrow('changes are kept');

  // Neither overwrites anything.
  expect(run(full, 'backup', file)).toMatchObject({
    status: 1,
    stderr: expect.stringContaining('not overwritten'),
  });
  expect(run(full, 'restore', file)).toMatchObject({
    status: 1,
    stderr: expect.stringContaining('something is in this database already'),
  });
  expect(contents(full)).toEqual(before);
});

it('a file that is no backup is refused, and nothing of it stays', () => {
  const odd = join(folder, 'odd.backup');
  writeFileSync(odd, 'no backup at all');
  const url = emptyDatabase(`odd_${process.pid}`);
  expect(run(url, 'restore', odd)).toMatchObject({
    status: 1,
    stderr: expect.stringContaining('nothing was restored'),
  });
  expect(
    psql(url, `SELECT count(*) FROM information_schema.tables WHERE table_schema = 'public'`),
  ).toBe('0');
});
