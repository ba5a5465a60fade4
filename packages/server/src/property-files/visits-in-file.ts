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
import type { EntityManager, EntityTarget, ObjectLiteral } from 'typeorm';
import type { QueryDeepPartialEntity } from 'typeorm/query-builder/QueryPartialEntity.js';
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
    const ofVisit = { firmId, visitId };
    await insertAll(
      manager,
      StoredEntry,
      entries.flatMap(({ number, seen, person, observedAt, document }) =>
        entryOf(document).map((entry) => ({
          ...{ id: randomUUID(), ...ofVisit, number, seen, personName: person },
          ...{ observedAt: new Date(observedAt), document: entry },
        })),
      ),
    );
    await insertAll(
      manager,
      Job,
      jobs.flatMap(({ station, fault, foundAt, doneAt, price, ...rest }) => {
        const known = faultOf(fault);
        if (known === undefined) return [];
        return [
          {
            ...{ ...ofVisit, timerId, fault: known, ...rest },
            ...{ station: station ?? null, price: price ?? null, foundAt: new Date(foundAt) },
            doneAt: doneAt === undefined ? null : new Date(doneAt),
          },
        ];
      }),
    );
  }
  return fresh.length;
}

/** A statement takes 65,535 values. */
const ROWS_AT_ONCE = 1000;

async function insertAll<Row extends ObjectLiteral>(
  manager: EntityManager,
  table: EntityTarget<Row>,
  rows: QueryDeepPartialEntity<Row>[],
): Promise<void> {
  for (let from = 0; from < rows.length; from += ROWS_AT_ONCE)
    await manager.insert(table, rows.slice(from, from + ROWS_AT_ONCE));
}

/** An entry that was read before; what is none is not here. */
function entryOf(document: unknown): VisitEntry[] {
  const read = readEntry(document);
  return read.ok ? [read.value] : [];
}
