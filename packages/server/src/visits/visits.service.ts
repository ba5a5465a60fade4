import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { readEntry, visitOf } from '@water-clock/core/visits';
import { DataSource, type EntityManager, IsNull } from 'typeorm';
import type { SignedIn } from '../people/signed-in.js';
import { wholeDocument } from '../platform/documents.js';
import { observedAt } from '../platform/observed.js';
import { badInput, notFound } from '../platform/problem.js';
import { transact } from '../platform/transact.js';
import { Timer } from '../schema/timer.entity.js';
import { lockTimer } from '../timer-records/lock-timer.js';
import { holdPlannedVisit } from './hold-planned-visit.js';
import { keepInTimer } from './keep-in-timer.js';
import { madeEntry } from './made-entry.js';
import { renewHardwareJob, renewStationJobs } from './renew-jobs.js';
import {
  EntryAnswer,
  EntryFields,
  StationsOfVisit,
  VisitAnswer,
  VisitFields,
  VisitListing,
} from './visit.dto.js';
import { StoredEntry, StoredVisit } from '../schema/visit.entity.js';

/** More of them say nothing more of what is usual. */
const MOST_VISITS_READ = 40;

@Injectable()
export class VisitsService {
  constructor(@InjectDataSource() private readonly source: DataSource) {}

  /** The visits to a timer, the newest first. */
  async list(firmId: string, timerId: string): Promise<VisitListing[]> {
    if (!(await this.source.manager.existsBy(Timer, { firmId, id: timerId })))
      throw notFound('timer');
    const rows = await this.source.manager.find(StoredVisit, {
      where: { firmId, timerId },
      order: { startedAt: 'DESC' },
    });
    return rows.map(listing);
  }

  /** Begins a visit; one that was begun already under this id is given back. */
  async begin(person: SignedIn, timerId: string, fields: VisitFields): Promise<VisitAnswer> {
    const { firmId, name: startedBy } = person;
    const id = await transact(this.source, async (manager) => {
      if (!(await lockTimer(manager, firmId, timerId))) throw notFound('timer');
      const known = fields.id && (await manager.findOneBy(StoredVisit, { id: fields.id }));
      if (known) {
        if (known.firmId !== firmId || known.timerId !== timerId) throw takenId();
        return known.id;
      }
      const { onDate, ...own } = fields;
      const startedAt = observedAt(fields.startedAt, new Date());
      const row = { ...own, firmId, timerId, startedAt, startedBy };
      const { id } = await manager.save(manager.create(StoredVisit, row));
      await holdPlannedVisit(manager, { id, timerId, startedAt }, onDate);
      return id;
    });
    return this.one(firmId, id);
  }

  /** What was seen and read of stations at the last visits, the oldest first. */
  async stations(firmId: string, timerId: string): Promise<StationsOfVisit[]> {
    if (!(await this.source.manager.existsBy(Timer, { firmId, id: timerId })))
      throw notFound('timer');
    const visits = await this.source.manager.find(StoredVisit, {
      where: { firmId, timerId },
      relations: { entries: true },
      order: { startedAt: 'DESC', entries: { number: 'ASC' } },
      take: MOST_VISITS_READ,
    });
    return visits.reverse().map(({ id: visitId, startedAt, entries }) => {
      const ofStations = entries.filter(({ document }) => document.kind === 'station');
      const made = ofStations.map(madeEntry);
      const last = new Set([...visitOf(made).stations.values()].map(({ latest }) => latest.id));
      return {
        ...{ visitId, startedAt: startedAt.toISOString() },
        stations: made.filter(({ id }) => last.has(id)),
      };
    });
  }

  async one(firmId: string, id: string): Promise<VisitAnswer> {
    const row = await this.source.manager.findOne(StoredVisit, {
      where: { firmId, id },
      relations: { entries: true },
      order: { entries: { number: 'ASC' } },
    });
    if (!row) throw notFound('visit');
    return { ...listing(row), entries: row.entries.map(madeEntry) };
  }

  /** Adds what was observed; the same entry sent again changes nothing. */
  async addEntry(person: SignedIn, visitId: string, fields: EntryFields): Promise<EntryAnswer> {
    const { firmId, name: personName } = person;
    const document = wholeDocument(fields.document, readEntry);
    return transact(this.source, async (manager) => {
      const visit = await lockVisit(manager, firmId, visitId);
      const known = await manager.findOneBy(StoredEntry, { id: fields.id });
      if (known) {
        if (known.visitId !== visitId) throw takenId();
        return madeEntry(known);
      }
      const highest = (await manager.maximum(StoredEntry, 'number', { firmId, visitId })) ?? 0;
      const entry = manager.create(StoredEntry, {
        ...{ id: fields.id, firmId, visitId, personName, document },
        number: highest + 1,
        // Nobody has seen what had not come in.
        seen: Math.min(fields.seen, highest),
        observedAt: observedAt(fields.observedAt, new Date()),
      });
      await manager.insert(StoredEntry, entry);
      if (document.kind === 'station') await renewStationJobs(manager, visit, document.station);
      if (document.kind === 'hardware') await renewHardwareJob(manager, visit, document);
      // What waited on a device while another one ended the visit.
      if (document.kind === 'key-in' && visit.endedAt)
        await keepInTimer(manager, visit, personName);
      return madeEntry(entry);
    });
  }

  /** Ends a visit, and keeps what stands in the timer by it; or goes on with one that was ended. */
  async change(person: SignedIn, id: string, isEnded: boolean): Promise<VisitAnswer> {
    const { firmId, name } = person;
    await transact(this.source, async (manager) => {
      const visit = await lockVisit(manager, firmId, id);
      const ended = { endedAt: isEnded ? new Date() : null, endedBy: isEnded ? name : '' };
      await manager.update(
        StoredVisit,
        { firmId, id, ...(isEnded && { endedAt: IsNull() }) },
        ended,
      );
      if (isEnded) await keepInTimer(manager, visit, name);
    });
    return this.one(firmId, id);
  }
}

const takenId = () => badInput([{ path: 'id', message: 'is taken' }]);

async function lockVisit(manager: EntityManager, firmId: string, id: string): Promise<StoredVisit> {
  const row = await manager.findOne(StoredVisit, {
    where: { firmId, id },
    lock: { mode: 'pessimistic_write' },
  });
  if (!row) throw notFound('visit');
  return row;
}

const listing = (row: StoredVisit): VisitListing => ({
  id: row.id,
  timerId: row.timerId,
  startedAt: row.startedAt.toISOString(),
  startedBy: row.startedBy,
  endedAt: row.endedAt?.toISOString() ?? null,
  endedBy: row.endedBy,
});
