import { visitOf } from '@water-clock/core/visits';
import { In, type EntityManager } from 'typeorm';
import { Job } from '../schema/job.entity.js';
import { StoredEntry, type StoredVisit } from '../schema/visit.entity.js';
import { madeEntry } from './made-entry.js';

/** Brings a station's open jobs to what the visit says of it last. Those that are done stay. */
export async function renewJobs(
  manager: EntityManager,
  { id: visitId, firmId, timerId }: StoredVisit,
  station: number,
): Promise<void> {
  const rows = await manager.find(StoredEntry, { where: { firmId, visitId } });
  const statement = visitOf(rows.map(madeEntry)).stations.get(station);
  if (!statement) return;
  const { entry, observedAt: at, person } = statement.latest;
  const jobs = await manager.findBy(Job, { firmId, visitId, station });
  const gone = jobs.filter(({ fault, doneAt }) => !doneAt && !entry.faults.includes(fault));
  if (gone.length > 0) await manager.delete(Job, { id: In(gone.map(({ id }) => id)) });
  for (const fault of entry.faults) {
    const known = jobs.find((job) => job.fault === fault);
    const { note } = entry;
    if (known) await manager.update(Job, { id: known.id }, { note });
    else
      await manager.save(
        manager.create(Job, {
          ...{ firmId, visitId, timerId, station, fault, note },
          foundAt: new Date(at),
          foundBy: person,
        }),
      );
  }
}
