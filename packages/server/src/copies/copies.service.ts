import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { readPlan, TOO_FEW_VALUES } from '@water-clock/core/settings';
import { DataSource, MoreThan, Not } from 'typeorm';
import type { SignedIn } from '../people/signed-in.js';
import { wholeDocument } from '../platform/documents.js';
import { observedAt } from '../platform/observed.js';
import { badInput, notFound } from '../platform/problem.js';
import { transact } from '../platform/transact.js';
import { lockTimer } from '../timer-records/lock-timer.js';
import { timerAnswer } from '../timers/timer-answer.js';
import { Timer } from '../schema/timer.entity.js';
import { CopyAnswer, CopyChange, CopyFields, CopyListing } from './copy.dto.js';
import { Copy } from '../schema/copy.entity.js';
import { confirmedOf, makeCopy } from '../timer-records/make-copy.js';

@Injectable()
export class CopiesService {
  constructor(@InjectDataSource() private readonly source: DataSource) {}

  /** The copies of a timer, the newest first. */
  async list(firmId: string, timerId: string): Promise<CopyListing[]> {
    await this.refuseUnknownTimer(firmId, timerId);
    const rows = await this.source.manager.find(Copy, {
      select: {
        id: true,
        number: true,
        name: true,
        reason: true,
        personName: true,
        madeAt: true,
        isInTimer: true,
        valuesOf: true,
        valuesKeyedIn: true,
        valuesUnknown: true,
      },
      where: { firmId, timerId },
      order: { number: 'DESC' },
    });
    return rows.map(copyListing);
  }

  async one(firmId: string, id: string): Promise<CopyAnswer> {
    const row = await this.source.manager.findOne(Copy, {
      where: { firmId, id },
      relations: { timer: { property: true, timerType: true } },
    });
    if (!row) throw notFound('copy');
    const { timer, document, yard } = row;
    return { ...copyListing(row), timer: timerAnswer(timer), document, yard };
  }

  /** Saves what the timer holds, as it was found or left, or what is planned for it. */
  async add(person: SignedIn, timerId: string, fields: CopyFields): Promise<CopyAnswer> {
    const { firmId, name: personName } = person;
    const document = wholeDocument(fields.document, readPlan);
    await this.refuseUnknownTimer(firmId, timerId);
    const { reason, name, id: ownId, confirmed } = fields;
    if (confirmed && confirmed.keyedIn + confirmed.unknown > confirmed.of)
      throw badInput([{ path: 'confirmed.of', message: TOO_FEW_VALUES }]);
    const madeAt = observedAt(fields.madeAt, new Date());
    const id = await transact(this.source, async (manager) => {
      await lockTimer(manager, firmId, timerId);
      const known = ownId && (await manager.findOneBy(Copy, { id: ownId }));
      if (known) {
        if (known.firmId !== firmId || known.timerId !== timerId)
          throw badInput([{ path: 'id', message: 'is taken' }]);
        return known.id;
      }
      // What came in late does not take the place of what was read off, or left, after it.
      const isOld = await manager.existsBy(Copy, {
        ...{ firmId, timerId },
        reason: Not('planned'),
        madeAt: MoreThan(madeAt),
      });
      return makeCopy(manager, {
        ...(ownId && { id: ownId }),
        ...(confirmed && { confirmed }),
        ...{ firmId, timerId, reason, name, document, personName, madeAt },
        isInTimer: reason !== 'planned' && !isOld,
      });
    });
    return this.one(firmId, id);
  }

  async change(firmId: string, id: string, { name, isInTimer }: CopyChange): Promise<CopyAnswer> {
    await transact(this.source, async (manager) => {
      const row = await manager.findOne(Copy, {
        select: { id: true, timerId: true },
        where: { firmId, id },
      });
      if (!row) throw notFound('copy');
      await lockTimer(manager, firmId, row.timerId);
      if (isInTimer)
        await manager.update(Copy, { firmId, timerId: row.timerId }, { isInTimer: false });
      const fields = {
        ...(name !== undefined && { name }),
        ...(isInTimer !== undefined && { isInTimer }),
      };
      if (Object.keys(fields).length > 0) await manager.update(Copy, { firmId, id }, fields);
    });
    return this.one(firmId, id);
  }

  private async refuseUnknownTimer(firmId: string, id: string): Promise<void> {
    if (!(await this.source.manager.existsBy(Timer, { firmId, id }))) throw notFound('timer');
  }
}

const copyListing = (row: Copy): CopyListing => ({
  id: row.id,
  number: row.number,
  name: row.name,
  reason: row.reason,
  person: row.personName,
  madeAt: row.madeAt.toISOString(),
  isInTimer: row.isInTimer,
  confirmed: confirmedOf(row),
});
