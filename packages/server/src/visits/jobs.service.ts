import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import type { SignedIn } from '../people/signed-in.js';
import { transact } from '../platform/transact.js';
import { notFound } from '../platform/problem.js';
import { PropertiesService } from '../properties/properties.service.js';
import { JobAnswer } from './visit.dto.js';
import { Job } from '../schema/visit.entity.js';

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

  async change(person: SignedIn, id: string, isDone: boolean): Promise<JobAnswer> {
    const { firmId, name } = person;
    const done = { doneAt: isDone ? new Date() : null, doneBy: isDone ? name : '' };
    const { affected } = await transact(this.source, (manager) =>
      manager.update(Job, { firmId, id }, done),
    );
    if (!affected) throw notFound('job');
    const row = await this.source.manager.findOneOrFail(Job, {
      where: { firmId, id },
      relations: { timer: true },
    });
    return jobAnswer(row);
  }
}

const jobAnswer = (row: Job): JobAnswer => ({
  id: row.id,
  timerId: row.timerId,
  timer: row.timer.name,
  station: row.station,
  fault: row.fault,
  note: row.note,
  foundAt: row.foundAt.toISOString(),
  foundBy: row.foundBy,
  doneAt: row.doneAt?.toISOString() ?? null,
  doneBy: row.doneBy,
});
