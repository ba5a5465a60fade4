import type { DataSource, QueryRunner } from 'typeorm';
import { CannotBegin } from '../platform/configuration.js';

/** Any number will do, as long as nobody else's lock has it. */
const LOCK = 4_780_001;

/** It was made by a later version than this one, which does not know what it must keep. */
const isNewer = (name: string): CannotBegin =>
  new CannotBegin(
    `The database is of a newer version of Water Clock (${name}): start that version, or restore a copy from before.`,
  );

/**
 * Brings a database up to date, one process at a time; gives the names of what was done. `andThen` is done under the
 * same lock.
 */
export async function migrate(
  source: DataSource,
  andThen: () => Promise<void> = () => Promise.resolve(),
): Promise<string[]> {
  const runner = source.createQueryRunner();
  try {
    await runner.query('SELECT pg_advisory_lock($1)', [LOCK]);
    await refuseNewer(source, runner);
    const done = await source.runMigrations();
    await andThen();
    return done.map(({ name }) => name);
  } finally {
    await runner.query('SELECT pg_advisory_unlock($1)', [LOCK]).catch(() => undefined);
    await runner.release();
  }
}

/** Whether all migrations that this version knows have been run; throws where there are later ones. */
export async function isUpToDate(source: DataSource): Promise<boolean> {
  const runner = source.createQueryRunner();
  try {
    await refuseNewer(source, runner);
    return !(await source.showMigrations());
  } finally {
    await runner.release();
  }
}

async function refuseNewer(source: DataSource, runner: QueryRunner): Promise<void> {
  if (!(await runner.hasTable('migrations'))) return;
  const known = source.migrations.map(({ name }) => name);
  const rows = await source.query<{ name: string }[]>('SELECT name FROM migrations ORDER BY id');
  const unknown = rows.find(({ name }) => !known.includes(name));
  if (unknown) throw isNewer(unknown.name);
}
