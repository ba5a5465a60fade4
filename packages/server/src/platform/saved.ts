import type { EntityManager, EntityTarget, FindOptionsWhere, ObjectLiteral } from 'typeorm';
import type { QueryDeepPartialEntity } from 'typeorm/query-builder/QueryPartialEntity.js';
import { fieldOf, isSameJson } from '@water-clock/core/kernel';
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
 * counts the version up; otherwise refuses: there is no such row, or somebody else saved it. The very
 * same save once more, as a proxy or a telephone sends it that heard no answer, is one.
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
  const stored = await manager.findOneBy(target, where);
  if (!stored) throw notFound(what);
  if (stored.version !== version + 1 || !holds(stored, fields))
    throw savedByAnother(`This ${what}`);
}

/** Whether a row has these values; what the database works out is left alone. */
const holds = (row: ObjectLiteral, fields: object): boolean =>
  Object.entries(fields).every(
    ([name, value]) => typeof value === 'function' || isSameJson(fieldOf(row, name), value),
  );
