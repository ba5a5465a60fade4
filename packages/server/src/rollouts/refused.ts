import type { HomesChange } from '@water-clock/core/rollouts';
import type { EntityManager } from 'typeorm';
import { badInput } from '../platform/problem.js';

/** @throws ProblemException 422 where one of them is no home of the firm, or was archived */
export async function refuseOtherHomes(
  manager: EntityManager,
  firmId: string,
  propertyIds: readonly string[] | null,
): Promise<void> {
  if (propertyIds === null) return;
  const others = await manager.query<unknown[]>(
    `SELECT 1 FROM unnest($2::uuid[]) AS asked (id) WHERE NOT EXISTS (
       SELECT 1 FROM properties p WHERE p.id = asked.id AND p.firm_id = $1
         AND p.archived_at IS NULL)`,
    [firmId, propertyIds],
  );
  if (others.length > 0)
    throw badInput([
      { path: 'propertyIds', message: 'must be homes of this firm that are not archived' },
    ]);
}

/** @throws ProblemException 422 where what is changed is nothing of the firm's */
export async function refuseUnknown(
  manager: EntityManager,
  firmId: string,
  change: HomesChange,
): Promise<void> {
  const known = async (table: string, id: string) =>
    (
      await manager.query<unknown[]>(`SELECT 1 FROM ${table} WHERE firm_id = $1 AND id = $2`, [
        firmId,
        id,
      ])
    ).length > 0;
  if (change.kind === 'rules' && !(await known('rule_sets', change.ruleSetId)))
    throw badInput([{ path: 'change.ruleSetId', message: 'is no rule set of this firm' }]);
  if (change.kind === 'timer-type' && !(await known('timer_kinds', change.timerTypeId)))
    throw badInput([{ path: 'change.timerTypeId', message: 'is no timer type of this firm' }]);
}
