import type { DayNumber } from '@water-clock/core/civil-time';
import type { VisitDone } from '@water-clock/core/sheets';
import { visitOf } from '@water-clock/core/visits';
import { IsNull, Not, type EntityManager } from 'typeorm';
import { Job } from '../schema/job.entity.js';
import type { StoredSheet } from '../schema/sheet.entity.js';
import { StoredVisit } from '../schema/visit.entity.js';
import { madeEntry } from '../visits/made-entry.js';

type OfTimer = Pick<StoredSheet, 'firmId' | 'timerId'>;

/** What was done at the last visit to a timer that has ended, as far as its household is told; null: there was none. */
export async function lastVisit(
  manager: EntityManager,
  { firmId, timerId }: OfTimer,
  dayAt: (moment: Date) => DayNumber,
): Promise<VisitDone | null> {
  const visit = await manager.findOne(StoredVisit, {
    where: { firmId, timerId, endedAt: Not(IsNull()) },
    relations: { entries: true },
    order: { startedAt: 'DESC' },
  });
  if (!visit) return null;
  const { stations, keyedIn, care } = visitOf(visit.entries.map(madeEntry));
  const done = await manager.find(Job, {
    where: { firmId, doneVisitId: visit.id },
    order: { station: 'ASC' },
  });
  return {
    ...{ on: dayAt(visit.startedAt), seen: stations.size, isKeyedIn: keyedIn.size > 0, care },
    repairedStations: stationsOf(done),
    isTimerRepaired: done.some(({ station }) => station === null),
  };
}

/** Stations of a timer at which something that was found is still to be repaired. */
export async function openStations(
  manager: EntityManager,
  { firmId, timerId }: OfTimer,
): Promise<number[]> {
  const open = await manager.find(Job, {
    where: { firmId, timerId, doneAt: IsNull() },
    order: { station: 'ASC' },
  });
  return stationsOf(open);
}

const stationsOf = (jobs: readonly Job[]): number[] => [
  ...new Set(jobs.flatMap(({ station }) => station ?? [])),
];
