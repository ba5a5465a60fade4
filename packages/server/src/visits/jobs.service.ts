import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import {
  DataSource,
  IsNull,
  Not,
  type EntityManager,
  type FindManyOptions,
  type FindOptionsWhere,
} from 'typeorm';
import type { SignedIn } from '../people/signed-in.js';
import { transact } from '../platform/transact.js';
import { badInput, notFound } from '../platform/problem.js';
import { saveVersion } from '../platform/saved.js';
import { PropertiesService } from '../properties/properties.service.js';
import { PlannedVisit } from '../schema/planned-visit.entity.js';
import { Job } from '../schema/job.entity.js';
import { StoredVisit } from '../schema/visit.entity.js';
import { JobAnswer, JobOfFirm, JobWork } from './visit.dto.js';

/** Of those that were done, so many are told. */
const MOST_DONE = 200;

const OF_FIRM = {
  timer: { property: true, yard: true },
  plannedVisit: { person: true },
} as const;

/** What was found at visits and makes a job. */
@Injectable()
export class JobsService {
  constructor(
    @InjectDataSource() private readonly source: DataSource,
    private readonly properties: PropertiesService,
  ) {}

  /** The jobs of a property: those to be done first, then the newest. */
  async list(firmId: string, propertyId: string): Promise<JobAnswer[]> {
    await this.properties.row(firmId, propertyId);
    const rows = await this.source.manager.find(Job, {
      where: { firmId, timer: { propertyId } },
      relations: { timer: true },
      order: { doneAt: { direction: 'DESC', nulls: 'FIRST' }, foundAt: 'DESC', station: 'ASC' },
    });
    return rows.map(jobAnswer);
  }

  /** All jobs that are to be done, the oldest first, and after them those that were done last. */
  async ofFirm(firmId: string): Promise<JobOfFirm[]> {
    const find = (where: FindOptionsWhere<Job>, more: FindManyOptions<Job>) =>
      this.source.manager.find(Job, {
        ...{ where: { firmId, timer: { property: { archivedAt: IsNull() } }, ...where } },
        ...{ relations: OF_FIRM, ...more },
      });
    const [open, done] = await Promise.all([
      find({ doneAt: IsNull() }, { order: { foundAt: 'ASC', id: 'ASC' } }),
      find({ doneAt: Not(IsNull()) }, { order: { doneAt: 'DESC', id: 'ASC' }, take: MOST_DONE }),
    ]);
    return [...open, ...done].map(jobOfFirm);
  }

  /** Saves what a job takes, made from the stored version, or refuses it. */
  async changeWork(
    firmId: string,
    id: string,
    { version, parts, price, plannedVisitId }: JobWork,
  ): Promise<JobOfFirm> {
    await transact(this.source, async (manager) => {
      if (plannedVisitId !== undefined) await refuseElsewhere(manager, firmId, id, plannedVisitId);
      await saveVersion(
        ...([manager, Job, { firmId, id }, version] as const),
        { parts, price: price ?? null, plannedVisitId: plannedVisitId ?? null },
        'job',
      );
    });
    const row = await this.source.manager.findOneOrFail(Job, {
      ...{ where: { firmId, id }, relations: OF_FIRM },
    });
    return jobOfFirm(row);
  }

  /** Done while a visit to its timer goes on, it is done at that visit. */
  async change(person: SignedIn, id: string, isDone: boolean): Promise<JobAnswer> {
    const { firmId, name } = person;
    const { affected } = await transact(this.source, async (manager) => {
      const job = await manager.findOneBy(Job, { firmId, id });
      const [visit] = await manager.find(StoredVisit, {
        where: { firmId, timerId: job?.timerId ?? id, endedAt: IsNull() },
        ...{ order: { startedAt: 'DESC' }, take: 1 },
      });
      return manager.update(
        Job,
        { firmId, id },
        {
          ...{ doneAt: isDone ? new Date() : null, doneBy: isDone ? name : '' },
          doneVisitId: isDone ? (visit?.id ?? null) : null,
        },
      );
    });
    if (!affected) throw notFound('job');
    const row = await this.source.manager.findOneOrFail(Job, {
      where: { firmId, id },
      relations: { timer: true },
    });
    return jobAnswer(row);
  }
}

/** The visit at which a job is to be done is one to its home. */
async function refuseElsewhere(
  manager: EntityManager,
  firmId: string,
  jobId: string,
  plannedVisitId: string,
): Promise<void> {
  const job = await manager.findOne(Job, {
    where: { firmId, id: jobId },
    relations: { timer: true },
  });
  if (!job) throw notFound('job');
  const { propertyId } = job.timer;
  if (!(await manager.existsBy(PlannedVisit, { firmId, id: plannedVisitId, propertyId })))
    throw badInput([{ path: 'plannedVisitId', message: 'is no planned visit to this home' }]);
}

function jobOfFirm(row: Job): JobOfFirm {
  const { timer, plannedVisit, doneAt, parts, price, version, station } = row;
  return {
    ...jobAnswer(row),
    state: doneAt ? 'done' : plannedVisit && plannedVisit.visitId === null ? 'planned' : 'open',
    ...{ propertyId: timer.propertyId, home: timer.property.name },
    stationName: timer.yard.document.stations.find(({ number }) => number === station)?.name ?? '',
    ...{ plannedVisitId: plannedVisit?.id ?? null, plannedOn: plannedVisit?.onDate ?? null },
    ...{ plannedFor: plannedVisit?.person.name ?? '', parts, price, version },
  };
}

const jobAnswer = (row: Job): JobAnswer => ({
  id: row.id,
  visitId: row.visitId,
  timerId: row.timerId,
  timer: row.timer.name,
  station: row.station,
  stations: row.stations,
  fault: row.fault,
  note: row.note,
  foundAt: row.foundAt.toISOString(),
  foundBy: row.foundBy,
  doneAt: row.doneAt?.toISOString() ?? null,
  doneBy: row.doneBy,
});
