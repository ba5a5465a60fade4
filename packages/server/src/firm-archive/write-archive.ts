import { createWriteStream } from 'node:fs';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { createGzip } from 'node:zlib';
import type { DataSource, EntityManager } from 'typeorm';
import { ARCHIVE_FORMAT, ARCHIVED_TABLES, rowsAtOnceOf } from './archived-tables.js';

/** Writes all of a firm into a file: lines of JSON, compressed, as all of it was at one moment. */
export async function writeArchive(
  source: DataSource,
  firmId: string,
  file: string,
): Promise<number> {
  const runner = source.createQueryRunner();
  await runner.startTransaction('REPEATABLE READ');
  const count = { rows: 0 };
  try {
    await runner.manager.query('SET TRANSACTION READ ONLY');
    const lines = Readable.from(archiveLines(runner.manager, firmId, count));
    await pipeline(lines, createGzip(), createWriteStream(file, { flags: 'wx', mode: 0o600 }));
  } finally {
    await runner.rollbackTransaction();
    await runner.release();
  }
  return count.rows;
}

async function* archiveLines(
  manager: EntityManager,
  firmId: string,
  count: { rows: number },
): AsyncGenerator<string> {
  const [{ name }] = await manager.query<[{ name: string }]>(
    'SELECT name FROM migrations ORDER BY id DESC LIMIT 1',
  );
  yield `${JSON.stringify({ format: ARCHIVE_FORMAT, schema: name, firm: firmId })}\n`;
  for (const { table, order } of ARCHIVED_TABLES) {
    const column = table === 'firms' ? 'id' : 'firm_id';
    // The words by which a home is found the database makes by itself.
    const row = table === 'people' ? PERSON : `to_jsonb(t) - 'search_text'`;
    await manager.query(
      `DECLARE archived CURSOR FOR
       SELECT (${row})::text AS "row" FROM ${table} t WHERE ${column} = '${firmId}' ORDER BY ${order}`,
    );
    for (;;) {
      const rows = await manager.query<{ row: string }[]>(
        `FETCH ${rowsAtOnceOf(table)} FROM archived`,
      );
      if (rows.length === 0) break;
      count.rows += rows.length;
      yield rows.map(({ row: text }) => `{"table":"${table}","row":${text}}\n`).join('');
    }
    await manager.query('CLOSE archived');
  }
  yield `${JSON.stringify({ end: true, rows: count.rows })}\n`;
}

/** Somebody by the address that they are invited by again, and not by an account. */
const PERSON = `(to_jsonb(t) - 'account_id' || jsonb_build_object(
  'email', (SELECT a.email FROM accounts a WHERE a.id = t.account_id)))`;
