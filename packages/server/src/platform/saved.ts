import type { EntityManager, EntityTarget, FindOptionsWhere, ObjectLiteral } from 'typeorm';
import type { QueryDeepPartialEntity } from 'typeorm/query-builder/QueryPartialEntity.js';
import { notFound, savedByAnother } from './problem.js';

interface Versioned extends ObjectLiteral {
  version: number;
}

/**
 * Writes fields of a row where its version is still the one that the change was made from, and
 * counts the version up; otherwise refuses: there is no such row, or somebody else saved it.
 */
export async function saveVersion<Row extends Versioned>(
  manager: EntityManager,
  target: EntityTarget<Row>,
  where: FindOptionsWhere<Row>,
  version: number,
  fields: QueryDeepPartialEntity<Row>,
  what: string,
): Promise<void> {
  const { affected } = await manager.update(
    target,
    { ...where, version },
    { ...fields, version: version + 1 },
  );
  if (affected) return;
  if (await manager.existsBy(target, where)) throw savedByAnother(`This ${what}`);
  throw notFound(what);
}
