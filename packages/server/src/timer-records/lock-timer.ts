import { isSameJson } from '@water-clock/core/kernel';
import type { EntityManager } from 'typeorm';
import { Property } from '../schema/property.entity.js';
import { Timer } from '../schema/timer.entity.js';

/**
 * Holds the home of a timer until the transaction of `manager` ends. A home is always taken before its timers: the
 * words that it is found by have their names in them, and a timer that is renamed renews them. False where there is
 * none.
 */
export async function lockHomeOf(
  manager: EntityManager,
  firmId: string,
  timerId: string,
): Promise<boolean> {
  const timer = await manager.findOneBy(Timer, { firmId, id: timerId });
  if (!timer) return false;
  const home = await manager.findOne(Property, {
    select: { id: true },
    where: { firmId, id: timer.propertyId },
    lock: { mode: 'pessimistic_write' },
  });
  return home !== null;
}

/**
 * Holds a timer until the transaction of `manager` ends: settings, yard and copies go together, so
 * whoever writes any of them takes this first, and the next one waits. False where there is none.
 */
export async function lockTimer(
  manager: EntityManager,
  firmId: string,
  timerId: string,
): Promise<boolean> {
  const row = await manager.findOne(Timer, {
    select: { id: true },
    where: { firmId, id: timerId },
    lock: { mode: 'pessimistic_write' },
  });
  return row !== null;
}

/**
 * Holds a timer as `lockTimer` does, to store what its stations are called from now on. Where that is otherwise than it
 * was, the home is taken first: it is found by these names too.
 */
export async function lockToName(
  manager: EntityManager,
  firmId: string,
  timerId: string,
  stations: readonly { readonly name?: string | undefined }[],
): Promise<boolean> {
  const [stored] = await manager.query<{ names: string[] }[]>(
    `SELECT jsonb_path_query_array(document, '$.stations[*].name') AS names
     FROM timer_settings WHERE timer_id = $1 AND firm_id = $2`,
    [timerId, firmId],
  );
  if (!stored) return false;
  const names = stations.flatMap(({ name }) => name ?? []);
  if (!isSameJson(names, stored.names)) await lockHomeOf(manager, firmId, timerId);
  return lockTimer(manager, firmId, timerId);
}
