import { createReadStream } from 'node:fs';
import { createInterface } from 'node:readline';
import { createGunzip } from 'node:zlib';
import { fieldOf } from '@water-clock/core/kernel';
import type { DataSource, EntityManager } from 'typeorm';
import { newLink } from '../people/account-links.js';
import { CannotBegin } from '../platform/configuration.js';
import { Firm } from '../schema/firm.entity.js';
import { Person } from '../schema/person.entity.js';
import { ARCHIVE_FORMAT, ARCHIVED_TABLES, rowsAtOnceOf } from './archived-tables.js';

/** A firm that was brought in, and how its owners join it again. */
export interface BroughtIn {
  readonly name: string;
  readonly rows: number;
  readonly owners: readonly { readonly name: string; readonly token: string }[];
}

const wrong = (words: string): CannotBegin => new CannotBegin(`Nothing was imported: ${words}.`);

/**
 * Brings a firm in from an archive, all of it or nothing, with the ids that it had. Its people are invited anew: an
 * archive opens nobody's account.
 */
export async function bringIn(source: DataSource, file: string): Promise<BroughtIn> {
  const schema = await versionOf(source);
  return source.transaction(async (manager) => {
    const firm = { id: '', table: '', line: 0, rows: 0, hasEnd: false };
    let waiting: object[] = [];
    const store = async () => {
      await insert(manager, firm.table, waiting);
      waiting = [];
    };
    for await (const text of linesOf(file)) {
      firm.line++;
      const line = parsed(text, firm.line);
      if (firm.line === 1) {
        firm.id = headerOf(line, schema);
        await refuseKnown(manager, firm.id);
        continue;
      }
      if (firm.hasEnd) throw wrong(`line ${firm.line} comes after its end`);
      if (fieldOf(line, 'end') === true) {
        firm.hasEnd = fieldOf(line, 'rows') === firm.rows;
        continue;
      }
      const { table, row } = rowOf(line, firm.id, firm.line);
      if (table !== firm.table || waiting.length >= rowsAtOnceOf(firm.table)) await store();
      firm.table = table;
      firm.rows++;
      waiting.push(row);
    }
    if (!firm.hasEnd) throw wrong('the file is cut off: it has no end, or not all of its rows');
    await store();
    return settled(manager, firm.id, firm.rows);
  });
}

async function* linesOf(file: string): AsyncGenerator<string> {
  const packed = createReadStream(file);
  const text = createGunzip();
  packed.on('error', (error) => text.destroy(error));
  packed.pipe(text);
  try {
    yield* createInterface({ input: text, crlfDelay: Infinity });
  } catch (error) {
    throw wrong(`${file} cannot be read (${error instanceof Error ? error.message : 'no reason'})`);
  } finally {
    packed.destroy();
  }
}

function parsed(text: string, line: number): unknown {
  try {
    const line: unknown = JSON.parse(text);
    return line;
  } catch {
    throw wrong(`line ${line} is not JSON`);
  }
}

function headerOf(header: unknown, schema: string): string {
  const id = fieldOf(header, 'firm');
  if (fieldOf(header, 'format') !== ARCHIVE_FORMAT || typeof id !== 'string')
    throw wrong(`this is not an archive of a firm (${ARCHIVE_FORMAT})`);
  const from = String(fieldOf(header, 'schema'));
  if (from !== schema)
    throw wrong(
      `it was written by another version (${from}, here ${schema}): bring the older of the two up to date`,
    );
  return id;
}

async function versionOf(source: DataSource): Promise<string> {
  const [{ name }] = await source.query<[{ name: string }]>(
    'SELECT name FROM migrations ORDER BY id DESC LIMIT 1',
  );
  return name;
}

async function refuseKnown(manager: EntityManager, firmId: string): Promise<void> {
  if (await manager.existsBy(Firm, { isDemo: true }))
    throw wrong('the demo is in this database, where anybody signs in');
  if (await manager.existsBy(Firm, { id: firmId })) throw wrong('this firm is here already');
  await manager.query(`SELECT set_config('water_clock.firm_brought_in', $1, true)`, [firmId]);
}

/** A row of the firm and of no other, its document read as one that is sent to the server. */
function rowOf(line: unknown, firmId: string, number: number): { table: string; row: object } {
  const named = fieldOf(line, 'table');
  const row = fieldOf(line, 'row');
  const kind = ARCHIVED_TABLES.find(({ table }) => table === named);
  if (!kind || typeof row !== 'object' || row === null)
    throw wrong(`line ${number} is no row of a table that an archive has`);
  const owner = fieldOf(row, kind.table === 'firms' ? 'id' : 'firm_id');
  if (owner !== firmId) throw wrong(`line ${number} is of another firm`);
  const read = kind.read?.(fieldOf(row, 'document'));
  if (read && !read.ok) {
    const [first] = read.trouble;
    throw wrong(`line ${number}: document ${first!.path} ${first!.message}`);
  }
  return { table: kind.table, row };
}

async function insert(
  manager: EntityManager,
  table: string,
  rows: readonly object[],
): Promise<void> {
  if (rows.length === 0) return;
  if (table === 'people') return invited(manager, rows);
  const identity = table === 'changes' ? `- 'id'` : '';
  const columns = await manager.query<{ name: string }[]>(
    `SELECT column_name AS name FROM information_schema.columns
     WHERE table_schema = 'public' AND table_name = $1 AND is_identity = 'NO'
     ORDER BY ordinal_position`,
    [table],
  );
  const names = columns.map(({ name }) => `"${name}"`).join(', ');
  await inserted(
    manager.query(
      `INSERT INTO ${table} (${names})
       SELECT ${names} FROM jsonb_array_elements($1::jsonb) AS given,
         jsonb_populate_record(NULL::${table}, given ${identity})`,
      [JSON.stringify(table === 'firms' ? rows.map(withoutDemo) : rows)],
    ),
    table,
  );
}

/** A firm of the demo is one like others where it is brought in. */
const withoutDemo = (row: object): object => ({ ...row, is_demo: false });

/** People with accounts by their addresses, who join when they are asked to; who was removed stays a name. */
async function invited(manager: EntityManager, rows: readonly object[]): Promise<void> {
  const given = JSON.stringify(rows);
  await manager.query(
    `INSERT INTO accounts (email) SELECT DISTINCT given ->> 'email'
     FROM jsonb_array_elements($1::jsonb) AS given WHERE given ->> 'email' IS NOT NULL
     ON CONFLICT DO NOTHING`,
    [given],
  );
  await inserted(
    manager.query(
      `INSERT INTO people (id, firm_id, account_id, name, role, clock, joined_at, disabled_at,
         removed_at, created_at)
       SELECT p.id, p.firm_id, a.id, p.name, p.role, p.clock, NULL, p.disabled_at,
         p.removed_at, p.created_at
       FROM jsonb_array_elements($1::jsonb) AS given
         CROSS JOIN jsonb_populate_record(NULL::people, given) AS p
         LEFT JOIN accounts a ON a.email = given ->> 'email'`,
      [given],
    ),
    'people',
  );
}

async function inserted(work: Promise<unknown>, table: string): Promise<void> {
  try {
    await work;
  } catch (error) {
    throw wrong(
      `${table} would not go in (${error instanceof Error ? error.message : String(error)})`,
    );
  }
}

async function settled(manager: EntityManager, firmId: string, rows: number): Promise<BroughtIn> {
  const firm = await manager.findOneBy(Firm, { id: firmId });
  if (!firm) throw wrong('the firm itself is not in it');
  const people = await manager.find(Person, {
    where: { firmId, role: 'owner' },
    order: { name: 'ASC' },
  });
  const owners: { name: string; token: string }[] = [];
  for (const person of people.filter(({ disabledAt, removedAt }) => !disabledAt && !removedAt)) {
    const { token } = await newLink(manager, person, 'invite');
    owners.push({ name: person.name, token });
  }
  if (owners.length === 0) throw wrong('nobody in it is an owner who could join it again');
  return { name: firm.name, rows, owners };
}
