import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import type { SignedIn } from '../people/signed-in.js';
import { badInput, notFound } from '../platform/problem.js';
import { transact } from '../platform/transact.js';
import { StoredDueAnswer } from '../schema/due-answer.entity.js';
import { lockTimer } from '../timer-records/lock-timer.js';
import type { DueAnswerAnswer, DueAnswerFields } from './due-answer.dto.js';

/** What somebody says of dues other than by a visit. */
@Injectable()
export class DueAnswersService {
  constructor(@InjectDataSource() private readonly source: DataSource) {}

  /** Keeps what is said of a due; what was said already under this id is given back. */
  async add(
    { firmId, name: personName }: SignedIn,
    timerId: string,
    { id, key, kind, doneBy, on, until, reason }: DueAnswerFields,
  ): Promise<DueAnswerAnswer> {
    if (doneBy === undefined) {
      const faults = [
        ...(until === undefined
          ? [{ path: 'until', message: 'is required: until when is it put off?' }]
          : []),
        ...(reason.trim() === ''
          ? [{ path: 'reason', message: 'is required: why is it put off?' }]
          : []),
      ];
      if (faults.length > 0) throw badInput(faults);
    } else if (until !== undefined)
      throw badInput([{ path: 'until', message: 'must be left out: what is done is not put off' }]);
    return transact(this.source, async (manager) => {
      if (!(await lockTimer(manager, firmId, timerId))) throw notFound('timer');
      const known = id && (await manager.findOneBy(StoredDueAnswer, { id }));
      if (known && (known.firmId !== firmId || known.timerId !== timerId))
        throw badInput([{ path: 'id', message: 'is taken' }]);
      const row = known
        ? known
        : await manager.save(
            manager.create(StoredDueAnswer, {
              ...{ ...(id && { id }), firmId, timerId, key, kind, reason, personName },
              ...{ doneBy: doneBy ?? null, answeredOn: on, untilDate: until ?? null },
            }),
          );
      return { id: row.id, timerId, key: row.key };
    });
  }

  /** It is as if nobody had said it. */
  async withdraw({ firmId }: SignedIn, id: string): Promise<void> {
    const { affected } = await transact(this.source, (manager) =>
      manager.delete(StoredDueAnswer, { firmId, id }),
    );
    if (!affected) throw notFound('answer');
  }
}
