import { visitOf, type HardwareEntry } from '@water-clock/core/visits';
import { In, IsNull, type EntityManager } from 'typeorm';
import { Job } from '../schema/job.entity.js';
import { StoredEntry, type StoredVisit } from '../schema/visit.entity.js';
import { madeEntry } from './made-entry.js';

/** Brings a station's open jobs to what the visit says of it last. Those that are done stay. */
export async function renewStationJobs(
  manager: EntityManager,
  { id: visitId, firmId, timerId }: StoredVisit,
  station: number,
): Promise<void> {
  const rows = await manager.find(StoredEntry, { where: { firmId, visitId } });
  const statement = visitOf(rows.map(madeEntry)).stations.get(station);
  if (!statement) return;
  const { entry, observedAt: at, person } = statement.latest;
  const jobs = await manager.findBy(Job, { firmId, visitId, station });
  const gone = jobs.filter(
    ({ fault, doneAt }) => !doneAt && !entry.faults.some((one) => one === fault),
  );
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

/** Brings the open job of something broken to what the visit says of it last; one that is done stays. */
export async function renewHardwareJob(
  manager: EntityManager,
  { id: visitId, firmId, timerId }: StoredVisit,
  { code: fault, stations }: HardwareEntry,
): Promise<void> {
  const rows = await manager.find(StoredEntry, { where: { firmId, visitId } });
  const isSame = (one: HardwareEntry) =>
    one.code === fault && one.stations.join() === stations.join();
  const found = visitOf(rows.map(madeEntry)).hardware.find(({ latest }) => isSame(latest.entry));
  const jobs = await manager.findBy(Job, { firmId, visitId, fault, station: IsNull() });
  const known = jobs.find((job) => job.stations.join() === stations.join());
  if (!found) {
    if (known && !known.doneAt) await manager.delete(Job, { id: known.id });
    return;
  }
  const { entry, observedAt, person } = found.latest;
  if (known) await manager.update(Job, { id: known.id }, { note: entry.note });
  else
    await manager.save(
      manager.create(Job, {
        ...{ firmId, visitId, timerId, station: null, stations, fault, note: entry.note },
        ...{ foundAt: new Date(observedAt), foundBy: person },
      }),
    );
}
