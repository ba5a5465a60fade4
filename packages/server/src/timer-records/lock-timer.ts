import type { EntityManager } from 'typeorm';
import { Timer } from '../schema/timer.entity.js';

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
