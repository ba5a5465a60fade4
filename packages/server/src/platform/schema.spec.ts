import type { Plan } from '@water-clock/core/settings';
import request from 'supertest';
import { loadDemo } from '../demo/load-demo.js';
import { RULE_SETS, takeAway } from '../removals/removals.js';
import { startTestServer, type TestServer } from '../testing/test-server.js';
import { wholeHome } from '../testing/whole-home.js';

let server: TestServer;
beforeAll(async () => (server = await startTestServer()));
afterAll(() => server.close());

const count = async (table: string): Promise<number> =>
  Number((await server.source.query(`SELECT count(*) FROM ${table}`))[0].count);

it('the migrations make the very tables that the entities describe', async () => {
  const { upQueries } = await server.source.driver.createSchemaBuilder().log();
  const drift = upQueries.map(({ query }) => query);
  expect(drift).toEqual([]);
});

it('every table but the firms, accounts and what is theirs, and the failed sign-ins of nobody known, belongs to a firm', async () => {
  const tables = await server.source.query(
    `SELECT t.table_name FROM information_schema.tables t
     WHERE t.table_schema = 'public' AND t.table_name NOT IN
         ('firms', 'migrations', 'sign_in_tries', 'accounts', 'known_devices', 'recovery_codes')
       AND NOT EXISTS (SELECT 1 FROM information_schema.columns c
         WHERE c.table_name = t.table_name AND c.column_name = 'firm_id' AND c.is_nullable = 'NO')`,
  );
  expect(tables).toEqual([]);
});

it('the demo goes into an empty database only, and is made anew when asked', async () => {
  expect(await loadDemo(server.source, { fresh: false, now: new Date() })).toBe(true);
  const [homes, timers] = [await count('properties'), await count('timers')];
  expect(homes).toBeGreaterThanOrEqual(4);
  await server.source.query(`UPDATE properties SET name = 'Changed'`);
  // What was taken away goes with it.
  const [rules] = await server.source.query(`SELECT id, firm_id FROM rule_sets`);
  await server.source.transaction((manager) =>
    takeAway(manager, RULE_SETS, rules.firm_id, rules.id),
  );
  expect(await loadDemo(server.source, { fresh: false, now: new Date() })).toBe(false);
  expect(await count('properties')).toBe(homes);
  expect(await loadDemo(server.source, { fresh: true, now: new Date() })).toBe(true);
  expect([await count('properties'), await count('timers')]).toEqual([homes, timers]);
  expect(await server.source.query(`SELECT 1 FROM properties WHERE name = 'Changed'`)).toEqual([]);
});

it('settings and copies of the first version of the format become ones of the second, and back', async () => {
  const { source } = server;
  const documents = () =>
    source.query(
      `SELECT 'settings' AS kind, timer_id AS id, document FROM timer_settings
       UNION ALL SELECT 'copy', id, document FROM copies ORDER BY 1, 2`,
    );
  const formats = async () => [
    ...new Set((await documents()).map((row: { document: Plan }) => row.document.format)),
  ];
  const before = await documents();
  expect(new Set(before.map(({ kind }: { kind: string }) => kind)).size).toBe(2);
  expect(await formats()).toEqual(['waterclock.plan/2']);
  // That of the format, and those after it.
  while ((await formats())[0] === 'waterclock.plan/2') await source.undoLastMigration();
  expect(await formats()).toEqual(['waterclock.plan/1']);
  await source.runMigrations();
  expect(await documents()).toEqual(before);
  await expect(source.query(`UPDATE copies SET document = '{}'`)).rejects.toThrow(
    'a saved copy does not change',
  );
  await expect(source.query(`UPDATE copies SET values_of = 7`)).rejects.toThrow(
    'a saved copy does not change',
  );
});

it('a database of each earlier version comes up to this one, with what is in it', async () => {
  const other = await startTestServer();
  try {
    const { source } = other;
    await loadDemo(source, { fresh: false, now: new Date() });
    await wholeHome(await other.signIn('owner'), { name: 'Quince house' });
    const kept = async () => ({
      homes: await source.query('SELECT id, name FROM properties ORDER BY id'),
      timers: await source.query('SELECT id, property_id, name FROM timers ORDER BY id'),
      settings: await source.query(
        'SELECT timer_id, document FROM timer_settings ORDER BY timer_id',
      ),
      people: await source.query('SELECT id, name, role FROM people ORDER BY id'),
      copies: await source.query('SELECT id, document FROM copies ORDER BY id'),
    });
    const before = await kept();
    expect([before.people.length, before.copies.length].every((count) => count > 4)).toBe(true);
    expect(before.homes.length).toBeGreaterThan(4);
    // Of a version that was, all that came later is undone first; the very first one has no tables before it.
    for (let undone = 1; undone < source.migrations.length; undone++) {
      for (let step = 0; step < undone; step++) await source.undoLastMigration();
      expect(await source.runMigrations()).toHaveLength(undone);
      // The first version knew neither people nor copies.
      const isFirst = undone === source.migrations.length - 1;
      expect(await kept()).toEqual({ ...before, ...(isFirst && { people: [], copies: [] }) });
    }
    await (await other.signIn('owner')).agent.get('/api/properties?from=2026-06-01').expect(200);
  } finally {
    await other.close();
  }
});

it('the API describes itself, problem documents included', async () => {
  const { body } = await (await server.signIn()).agent.get('/api/docs-json').expect(200);
  expect(Object.keys(body.paths)).toEqual(
    expect.arrayContaining([
      '/api/copies/{copyId}',
      '/api/timer-types',
      '/api/properties/{propertyId}/file',
      '/api/rule-sets/{ruleSetId}',
      '/api/timers/{timerId}/settings',
      '/api/timers/{timerId}/yard',
    ]),
  );
  expect(body.components.schemas.ProblemDocument.properties).toHaveProperty('errors');
});

it('an unknown address of the API is a problem document too', async () => {
  const { headers } = await request(server.app.getHttpServer()).get('/api/nowhere').expect(404);
  expect(headers['content-type']).toContain('application/problem+json');
});

it('goes back to the tables of before accounts, and forth again, and everybody signs in as they did', async () => {
  const { source, close } = await startTestServer();
  await loadDemo(source, { fresh: false, now: new Date() });
  const hash = '$argon2id$made-up';
  await source.query(`UPDATE accounts SET password_hash = $1 WHERE email LIKE 'ines@%'`, [hash]);
  const people = () =>
    source.query(`SELECT p.id, p.name, p.role, a.email, a.password_hash
      FROM people p JOIN accounts a ON a.id = p.account_id ORDER BY p.name`);
  const before = await people();
  const hasAccounts = async () =>
    (await source.query(`SELECT to_regclass('accounts') IS NOT NULL AS there`))[0].there as boolean;
  while (await hasAccounts()) await source.undoLastMigration();
  const [ines] = await source.query(
    `SELECT email, password_hash FROM people WHERE name = 'Ines Marlow'`,
  );
  expect(ines).toEqual({ email: 'ines@quillhaven.example', password_hash: hash });
  await source.query(
    `INSERT INTO sessions (token_hash, firm_id, person_id, expires_at)
     SELECT 'a', firm_id, id, now() + interval '1 day' FROM people WHERE name = 'Ines Marlow'`,
  );
  await source.runMigrations();
  const after = await people();
  expect(after.length).toBe(4);
  expect(after).toEqual(
    before.map((one: { email: string }) => ({
      ...one,
      password_hash: one.email.startsWith('ines') ? hash : 'none',
    })),
  );
  const [session] = await source.query('SELECT agent, seen_at IS NOT NULL AS seen FROM sessions');
  expect(session).toEqual({ agent: '', seen: true });
  await close();
});
