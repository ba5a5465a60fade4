import type { EntityManager } from 'typeorm';
import { notFound } from '../platform/problem.js';
import type { Removal } from '../schema/removal.entity.js';

interface Removable {
  readonly kind: Removal['kind'];
  readonly words: string;
  readonly table: string;
  /** The table of what goes by it, and its column. */
  readonly holders: string;
  readonly column: string;
  /** What else changes with a holder that goes by another, or by none. */
  readonly counted: string;
}

export const RULE_SETS: Removable = {
  ...{ kind: 'rule-set', words: 'rule set', table: 'rule_sets' },
  ...{ holders: 'properties', column: 'rule_set_id', counted: ', version = version + 1' },
};
export const WEATHER: Removable = {
  ...{ kind: 'weather', words: 'weather', table: 'weather' },
  ...{ holders: 'properties', column: 'weather_id', counted: ', version = version + 1' },
};
export const TIMER_TYPES: Removable = {
  ...{ kind: 'timer-type', words: 'timer type', table: 'timer_kinds' },
  ...{ holders: 'timers', column: 'kind_id', counted: '' },
};

/** Takes something of a firm away; what went by it goes by none, and it can be brought back for a while. */
export async function takeAway(
  manager: EntityManager,
  { kind, words, table, holders, column, counted }: Removable,
  firmId: string,
  id: string,
): Promise<void> {
  const [found] = await manager.query<unknown[]>(
    `SELECT id FROM ${table} WHERE firm_id = $1 AND id = $2 FOR UPDATE`,
    [firmId, id],
  );
  if (!found) throw notFound(words);
  await manager.query(
    `INSERT INTO removals (id, firm_id, kind, "row", holders)
     SELECT id, firm_id, $3, to_jsonb(t), ARRAY(
       SELECT id FROM ${holders} WHERE firm_id = $1 AND ${column} = $2 ORDER BY id)
     FROM ${table} t WHERE firm_id = $1 AND id = $2`,
    [firmId, id, kind],
  );
  await manager.query(
    `UPDATE ${holders} SET ${column} = NULL${counted} WHERE firm_id = $1 AND ${column} = $2`,
    [firmId, id],
  );
  await manager.query(`DELETE FROM ${table} WHERE firm_id = $1 AND id = $2`, [firmId, id]);
}

/** Brings back what was taken away, with its id; what went by it and goes by none since goes by it again. */
export async function bringBack(
  manager: EntityManager,
  { kind, words, table, holders, column, counted }: Removable,
  firmId: string,
  id: string,
): Promise<void> {
  const [[removal]] = await manager.query<[Pick<Removal, 'row' | 'holders'>[], number]>(
    `DELETE FROM removals r USING firms f
     WHERE r.firm_id = $1 AND r.id = $2 AND r.kind = $3
       AND f.id = r.firm_id AND r.removed_at > now() - f.keep_removed_days * interval '1 day'
     RETURNING r."row", r.holders`,
    [firmId, id, kind],
  );
  if (!removal) throw notFound(`${words} to be brought back`);
  await manager.query(`INSERT INTO ${table} SELECT (jsonb_populate_record(NULL::${table}, $1)).*`, [
    removal.row,
  ]);
  await manager.query(
    `UPDATE ${holders} SET ${column} = $2${counted}
     WHERE firm_id = $1 AND id = ANY ($3) AND ${column} IS NULL`,
    [firmId, id, removal.holders],
  );
}
