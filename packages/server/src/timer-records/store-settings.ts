import { isSameJson } from '@water-clock/core/kernel';
import type { Plan } from '@water-clock/core/settings';
import type { Yard } from '@water-clock/core/yards';
import type { EntityManager } from 'typeorm';
import { saveVersion } from '../platform/saved.js';
import { TimerSettings, TimerYard } from '../schema/timer.entity.js';

interface Storing {
  readonly firmId: string;
  readonly timerId: string;
  /** Who saves; absent: whoever saved last stays named. */
  readonly savedBy?: string;
  /** The version that it was made from; somebody else's save meanwhile refuses it. Absent: whatever is stored. */
  readonly fromVersion?: number;
}

/** What is stored, where whoever stores has read it since the timer is held. */
type Stored<Row extends TimerSettings | TimerYard> = Pick<Row, 'version' | 'document'>;

interface RecordClass {
  new (): TimerSettings | TimerYard;
}

/**
 * Stores the settings of a timer in place of what is stored, inside the transaction of `manager`, which
 * holds the timer (`lockTimer`). Tells whether they are otherwise than those before: the same settings
 * from no version count no version up.
 */
export const storeSettings = (
  manager: EntityManager,
  at: Storing,
  plan: Plan,
  stored?: Stored<TimerSettings>,
): Promise<boolean> => store(manager, TimerSettings, 'timer', at, plan, stored);

/** The same for a timer's yard. */
export const storeYard = (
  manager: EntityManager,
  at: Storing,
  yard: Yard,
  stored?: Stored<TimerYard>,
): Promise<boolean> => store(manager, TimerYard, 'yard', at, yard, stored);

async function store(
  manager: EntityManager,
  table: RecordClass,
  what: string,
  { firmId, timerId, savedBy, fromVersion }: Storing,
  document: Plan | Yard,
  read?: Stored<TimerSettings | TimerYard>,
): Promise<boolean> {
  const where = { firmId, timerId };
  const stored = read ?? (await manager.findOneByOrFail(table, where));
  const isOther = !isSameJson(document, stored.document);
  if (!isOther && fromVersion === undefined) return false;
  await saveVersion(
    manager,
    table,
    where,
    fromVersion ?? stored.version,
    { document, ...(savedBy !== undefined && { savedBy }), savedAt: () => 'now()' },
    what,
  );
  return isOther;
}
