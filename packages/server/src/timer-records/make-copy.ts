import type { CopyReason } from '@water-clock/core/property-file';
import { Confirmed, type Plan } from '@water-clock/core/settings';
import type { EntityManager } from 'typeorm';
import { Copy } from '../schema/copy.entity.js';
import { TimerYard } from '../schema/timer.entity.js';

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
  /** Absent: nobody counted. */
  readonly confirmed?: Confirmed;
  /** It becomes the copy that is believed to be in the timer. */
  readonly isInTimer: boolean;
}

/** Saves a copy under the timer's next number, inside the transaction of `manager`, which holds the timer (`lockTimer`). */
export async function makeCopy(manager: EntityManager, copy: NewCopy): Promise<string> {
  const { firmId, timerId } = copy;
  if (copy.isInTimer) await manager.update(Copy, { firmId, timerId }, { isInTimer: false });
  const highest = await manager.maximum(Copy, 'number', { firmId, timerId });
  const { confirmed, ...fields } = copy;
  const yard = await manager.findOneBy(TimerYard, { firmId, timerId });
  const row = {
    ...{ ...fields, ...confirmedColumns(confirmed), number: (highest ?? 0) + 1 },
    yard: yard?.document ?? null,
  };
  const { id } = await manager.save(manager.create(Copy, row));
  return id;
}

/** The columns of what was confirmed. */
export const confirmedColumns = (confirmed: Confirmed = new Confirmed()) => ({
  valuesOf: confirmed.of,
  valuesKeyedIn: confirmed.keyedIn,
  valuesUnknown: confirmed.unknown,
});

/** What was confirmed, of its columns. */
export const confirmedOf = ({
  valuesOf,
  valuesKeyedIn,
  valuesUnknown,
}: Pick<Copy, 'valuesOf' | 'valuesKeyedIn' | 'valuesUnknown'>): Confirmed => ({
  of: valuesOf,
  keyedIn: valuesKeyedIn,
  unknown: valuesUnknown,
});
