import {
  entryPath,
  fieldPath,
  pathWithin,
  type DocumentProblem,
} from '@water-clock/core/documents';
import type { JobInFile, PropertyFile, VisitInFile } from '@water-clock/core/property-file';
import {
  JOB_FAULTS,
  readEntry,
  STATION_FAULTS,
  type JobFault,
  type VisitEntry,
} from '@water-clock/core/visits';
import { randomUUID } from 'node:crypto';
import type { EntityManager } from 'typeorm';
import { Job } from '../schema/job.entity.js';
import { StoredEntry, StoredVisit } from '../schema/visit.entity.js';

/** The visits to the timers of a home, the oldest first, with their entries. */
export const visitsOfHome = (
  manager: EntityManager,
  firmId: string,
  propertyId: string,
): Promise<StoredVisit[]> =>
  manager.find(StoredVisit, {
    where: { firmId, timer: { propertyId } },
    relations: { entries: true },
    order: { startedAt: 'ASC', id: 'ASC', entries: { number: 'ASC' } },
  });

export function visitInFile(visit: StoredVisit, jobs: readonly Job[]): VisitInFile {
  return {
    startedAt: visit.startedAt.toISOString(),
    startedBy: visit.startedBy,
    ...(visit.endedAt && { endedAt: visit.endedAt.toISOString() }),
    endedBy: visit.endedBy,
    entries: visit.entries.map(({ number, seen, personName, observedAt, document }) => ({
      ...{ number, seen, person: personName, observedAt: observedAt.toISOString(), document },
    })),
    jobs: jobs.filter(({ visitId }) => visitId === visit.id).map(jobInFile),
  };
}

const jobInFile = (job: Job): JobInFile => ({
  ...(job.station !== null && { station: job.station }),
  ...{ stations: job.stations, fault: job.fault, note: job.note },
  ...{ foundAt: job.foundAt.toISOString(), foundBy: job.foundBy, doneBy: job.doneBy },
  ...(job.doneAt && { doneAt: job.doneAt.toISOString() }),
  parts: job.parts,
  ...(job.price !== null && { price: job.price }),
});

/** What is wrong with the visits of a file, each at its path. */
export function visitProblems({ timers }: PropertyFile): DocumentProblem[] {
  return timers.flatMap(({ visits }, timer) =>
    visits.flatMap(({ entries, jobs }, visit) => {
      const path = entryPath(fieldPath(entryPath('timers', timer), 'visits'), visit);
      return [
        ...entries.flatMap(({ document }, at) => {
          const read = readEntry(document);
          const place = fieldPath(entryPath(fieldPath(path, 'entries'), at), 'document');
          return read.ok
            ? []
            : read.trouble.map((one) => ({ ...one, path: pathWithin(place, one.path) }));
        }),
        ...jobs.flatMap((job, at) => jobProblems(job, entryPath(fieldPath(path, 'jobs'), at))),
      ];
    }),
  );
}

function jobProblems({ fault, station }: JobInFile, path: string): DocumentProblem[] {
  const known = faultOf(fault);
  if (known === undefined)
    return [{ path: fieldPath(path, 'fault'), message: 'is no known fault' }];
  const isOfStation = STATION_FAULTS.some((one) => one === known);
  return isOfStation === (station !== undefined)
    ? []
    : [{ path: fieldPath(path, 'station'), message: 'does not go with the fault' }];
}

const faultOf = (fault: string): JobFault | undefined => JOB_FAULTS.find((one) => one === fault);

interface OfTimer {
  readonly firmId: string;
  readonly timerId: string;
}

/** Adds the visits that are not here yet, by when and by whom they began. @return how many */
export async function importVisits(
  manager: EntityManager,
  { firmId, timerId }: OfTimer,
  visits: readonly VisitInFile[],
): Promise<number> {
  const known = await manager.findBy(StoredVisit, { firmId, timerId });
  const fresh = visits.filter(
    ({ startedAt, startedBy }) =>
      !known.some(
        (one) => one.startedAt.getTime() === Date.parse(startedAt) && one.startedBy === startedBy,
      ),
  );
  for (const { entries, jobs, startedAt, endedAt, startedBy, endedBy } of fresh) {
    const visit = manager.create(StoredVisit, {
      ...{ firmId, timerId, startedBy, endedBy, startedAt: new Date(startedAt) },
      endedAt: endedAt === undefined ? null : new Date(endedAt),
    });
    const { id: visitId } = await manager.save(visit);
    await manager.insert(
      StoredEntry,
      entries.flatMap(({ number, seen, person, observedAt, document }) =>
        entryOf(document).map((entry) => ({
          ...{ id: randomUUID(), firmId, visitId, number, seen, personName: person },
          ...{ observedAt: new Date(observedAt), document: entry },
        })),
      ),
    );
    await manager.insert(
      Job,
      jobs.flatMap(({ station, stations, fault, foundAt, doneAt, price, ...words }) => {
        const known = faultOf(fault);
        return known === undefined
          ? []
          : [
              {
                ...{ firmId, visitId, timerId, stations, fault: known, ...words },
                ...{ station: station ?? null, price: price ?? null },
                foundAt: new Date(foundAt),
                doneAt: doneAt === undefined ? null : new Date(doneAt),
              },
            ];
      }),
    );
  }
  return fresh.length;
}

/** An entry that was read before; what is none is not here. */
function entryOf(document: unknown): VisitEntry[] {
  const read = readEntry(document);
  return read.ok ? [read.value] : [];
}
