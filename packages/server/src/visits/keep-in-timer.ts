import { confirmedNow, inTimerNow, visitOf } from '@water-clock/core/visits';
import { MoreThan, type EntityManager } from 'typeorm';
import { Copy } from '../schema/copy.entity.js';
import { TimerSettings } from '../schema/timer.entity.js';
import { StoredVisit } from '../schema/visit.entity.js';
import { lockTimer } from '../timer-records/lock-timer.js';
import { confirmedOf, makeCopy } from '../timer-records/make-copy.js';
import { settingsAtHome } from '../timer-records/settings-at-home.js';
import { madeEntry } from './made-entry.js';

const BEFORE_ALL = new Date(0);

/**
 * Keeps as a copy what stands in a timer by what was keyed in since it was last read off, value by value: once a
 * visit has ended nothing of it rests on a button. Nothing where all that was keyed in was read back.
 */
export async function keepInTimer(
  manager: EntityManager,
  { firmId, timerId }: Pick<StoredVisit, 'firmId' | 'timerId'>,
  personName: string,
): Promise<void> {
  // Visits that end at the same moment keep it once.
  await lockTimer(manager, firmId, timerId);
  const reading = await manager.findOneBy(Copy, { firmId, timerId, isInTimer: true });
  const since = reading?.madeAt ?? BEFORE_ALL;
  const rows = await manager.find(StoredVisit, {
    where: { firmId, timerId, entries: { observedAt: MoreThan(since) } },
    relations: { entries: true },
    order: { entries: { number: 'ASC' } },
  });
  const visits = rows.map(({ entries }) => visitOf(entries.map(madeEntry)));
  const ticks = visits.flatMap(({ keyedIn }) => [...keyedIn.values()]);
  const last = ticks
    .map(({ observedAt }) => observedAt)
    .sort()
    .at(-1);
  if (last === undefined) return;
  const { document, timer } = await manager.findOneOrFail(TimerSettings, {
    where: { firmId, timerId },
    relations: { timer: { property: { ruleSet: true } } },
  });
  const inTimer = inTimerNow(
    settingsAtHome(document, timer.property, last.slice(0, 10)),
    reading && { document: reading.document, madeAt: reading.madeAt.toISOString() },
    visits,
  );
  if (inTimer.keyedIn.length === 0) return;
  await makeCopy(manager, {
    ...{ firmId, timerId, reason: 'left', name: '', personName, isInTimer: true },
    document: inTimer.plan,
    madeAt: new Date(last),
    confirmed: confirmedNow(inTimer, reading ? confirmedOf(reading) : undefined),
  });
}
