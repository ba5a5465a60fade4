import type { CopyReason } from '@water-clock/core/property-file';
import type { Plan } from '@water-clock/core/settings';
import type { EntityManager } from 'typeorm';
import { lockTimer } from './lock-timer.js';
import { Copy } from '../schema/copy.entity.js';

interface NewCopy {
  /** Given by the device that made it; absent: a new one. */
  readonly id?: string;
  readonly firmId: string;
  readonly timerId: string;
  readonly reason: CopyReason;
  readonly name: string;
  readonly document: Plan;
  readonly personName: string;
  /** Absent: now. */
  readonly madeAt?: Date;
  /** It becomes the copy that is believed to be in the timer. */
  readonly isInTimer: boolean;
}

/** Saves a copy under the timer's next number, inside the transaction of `manager`. */
export async function makeCopy(manager: EntityManager, copy: NewCopy): Promise<string> {
  const { firmId, timerId } = copy;
  await lockTimer(manager, firmId, timerId);
  if (copy.isInTimer) await manager.update(Copy, { firmId, timerId }, { isInTimer: false });
  const highest = await manager.maximum(Copy, 'number', { firmId, timerId });
  const { id } = await manager.save(manager.create(Copy, { ...copy, number: (highest ?? 0) + 1 }));
  return id;
}
