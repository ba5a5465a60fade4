import type { EntityManager, EntityTarget, FindOptionsWhere, ObjectLiteral } from 'typeorm';
import type { QueryDeepPartialEntity } from 'typeorm/query-builder/QueryPartialEntity.js';
import { notFound, savedByAnother } from './problem.js';

interface Versioned extends ObjectLiteral {
  version: number;
}

/** What is set of a row: values, or what the database works out. */
type Columns<Row> = {
  readonly [Name in Exclude<keyof Row, never>]?: Row[Name] | (() => string);
};

/**
 * Writes fields of a row where its version is still the one that the change was made from, and
 * counts the version up; otherwise refuses: there is no such row, or somebody else saved it.
 */
export async function saveVersion<Row extends Versioned>(
  manager: EntityManager,
  target: EntityTarget<Row>,
  where: FindOptionsWhere<Row>,
  version: number,
  fields: Columns<Row>,
  what: string,
): Promise<void> {
  // A column that holds a document is set whole, whatever TypeORM makes of its type.
  const columns = { ...fields, version: version + 1 } as unknown as QueryDeepPartialEntity<Row>;
  const { affected } = await manager.update(target, { ...where, version }, columns);
  if (affected) return;
  if (await manager.existsBy(target, where)) throw savedByAnother(`This ${what}`);
  throw notFound(what);
}
