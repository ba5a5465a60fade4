import { schemaOf } from '@water-clock/core/documents';
import { Plan } from '@water-clock/core/settings';
import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { startTestServer, type TestServer } from '../testing/test-server.js';

const ROOT = join(__dirname, '../../../..');

interface Fact {
  readonly fact: string;
  readonly fields: readonly string[];
  readonly columns: readonly string[];
}

const FACTS: readonly Fact[] = JSON.parse(readFileSync(join(ROOT, 'docs/facts.json'), 'utf8'));

/** The facts that name something; those that name all of its kind only where none names it alone. */
function factsOf(name: string, of: 'fields' | 'columns'): string[] {
  const [kind] = name.split('.');
  const naming = (wanted: string) =>
    FACTS.filter((one) => one[of].includes(wanted)).map(({ fact }) => fact);
  const exact = naming(name);
  return exact.length > 0 ? exact : naming(`${kind}.*`);
}

const inOtherThanOne = (names: readonly string[], of: 'fields' | 'columns') =>
  names.map((name) => [name, factsOf(name, of)] as const).filter(([, facts]) => facts.length !== 1);

let server: TestServer;
beforeAll(async () => (server = await startTestServer()));
afterAll(() => server.close());

it('every column is in one fact', async () => {
  const columns = await server.source.query<{ name: string }[]>(
    `SELECT table_name || '.' || column_name AS name FROM information_schema.columns
     WHERE table_schema = 'public' AND table_name <> 'migrations' ORDER BY 1`,
  );
  expect(columns.length).toBeGreaterThan(60);
  expect(
    inOtherThanOne(
      columns.map(({ name }) => name),
      'columns',
    ),
  ).toEqual([]);
  const tables = new Set(columns.map(({ name }) => name.split('.')[0]));
  const named = FACTS.flatMap((fact) => fact.columns);
  expect(named.filter((name) => !tables.has(name.split('.')[0]))).toEqual([]);
});

it('every field of a plan is in one fact', () => {
  const { $defs } = schemaOf(Plan, 'plan') as {
    $defs: Record<string, { properties: Record<string, unknown> }>;
  };
  const fields = Object.entries($defs).flatMap(([name, { properties }]) =>
    Object.keys(properties).map((field) => `${name}.${field}`),
  );
  expect(fields.length).toBeGreaterThan(60);
  expect(inOtherThanOne(fields, 'fields')).toEqual([]);
  const named = FACTS.flatMap((fact) => fact.fields).filter((name) => !name.endsWith('.*'));
  expect(named.filter((name) => !fields.includes(name))).toEqual([]);
});

it('the page of the facts is made from them', () => {
  expect(() =>
    execFileSync(process.execPath, ['tools/write-facts.mjs', '--check'], {
      cwd: ROOT,
      stdio: 'pipe',
    }),
  ).not.toThrow();
});
