import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { parseDate } from '@water-clock/core/civil-time';
import { kindBreaks, withKind } from '@water-clock/core/findings';
import {
  readHandling,
  readKind,
  TimerHandling,
  type TimerCapability,
} from '@water-clock/core/timer-kinds';
import { DataSource, type EntityManager } from 'typeorm';
import { wholeDocument } from '../platform/documents.js';
import { badInput, notFound } from '../platform/problem.js';
import { saveVersion } from '../platform/saved.js';
import { Timer, TimerSettings } from '../timers/timer.entity.js';
import { KindAnswer, KindBreak, KindChange, KindFields, KindPreviewFields } from './kind.dto.js';
import { TimerKind } from './kind.entity.js';

@Injectable()
export class KindsService {
  constructor(@InjectDataSource() private readonly source: DataSource) {}

  async list(firmId: string): Promise<KindAnswer[]> {
    const rows = await this.source.manager.find(TimerKind, {
      where: { firmId },
      order: { name: 'ASC' },
    });
    const counts: { kind_id: string; count: string }[] = await this.source.query(
      `SELECT kind_id, count(*) FROM timers WHERE firm_id = $1 AND kind_id IS NOT NULL GROUP BY kind_id`,
      [firmId],
    );
    const timers = new Map(counts.map(({ kind_id, count }) => [kind_id, Number(count)]));
    return rows.map((row) => kindAnswer(row, timers.get(row.id) ?? 0));
  }

  async add(firmId: string, fields: KindFields): Promise<KindAnswer> {
    const columns = columnsOf(fields);
    await this.refuseTakenName(firmId, fields.name, null);
    const row = await this.source.manager.save(
      this.source.manager.create(TimerKind, { ...columns, firmId }),
    );
    return kindAnswer({ ...row, version: 1 }, 0);
  }

  /** Changes a kind, and with it every timer of the kind, or nothing. */
  async change(firmId: string, id: string, change: KindChange): Promise<KindAnswer> {
    const columns = columnsOf(change);
    await this.refuseTakenName(firmId, change.name, id);
    await this.source.transaction(async (manager) => {
      const { version } = change;
      await saveVersion(manager, TimerKind, { firmId, id }, version, columns as object, 'kind');
      // In the order of their ids, so that two changes of kinds cannot wait for each other.
      await manager.find(Timer, {
        select: { id: true },
        where: { firmId, kindId: id },
        order: { id: 'ASC' },
        lock: { mode: 'pessimistic_write' },
      });
      for (const { settings } of await timersOf(manager, firmId, id)) {
        const document = withKind(settings.document, columns.capability);
        await manager.update(
          TimerSettings,
          { firmId, timerId: settings.timerId },
          { document: document as object, version: settings.version + 1, savedAt: () => 'now()' },
        );
      }
    });
    return (await this.list(firmId)).find((kind) => kind.id === id)!;
  }

  /** What a change would break, before it is made: a timer each, those without trouble left out. */
  async preview(firmId: string, id: string, fields: KindPreviewFields): Promise<KindBreak[]> {
    const capability = wholeDocument(fields.capability, readKind, 'capability');
    if (!(await this.source.manager.existsBy(TimerKind, { firmId, id }))) throw notFound('kind');
    const day = parseDate(fields.from)!;
    const timers = await timersOf(this.source.manager, firmId, id);
    return timers.flatMap(({ id: timerId, name, property, settings }) => {
      const { findings, programsLost } = kindBreaks(settings.document, capability, day);
      if (findings.length + programsLost.length === 0) return [];
      const messages = findings.map(({ message }) => message);
      return {
        timerId,
        timer: name,
        property: property.name,
        programsLost: [...programsLost],
        findings: messages,
      };
    });
  }

  /** Takes a kind out of the library; its timers stay as they are. */
  async remove(firmId: string, id: string): Promise<void> {
    await this.source.transaction(async (manager) => {
      await manager.update(Timer, { firmId, kindId: id }, { kindId: null });
      const { affected } = await manager.delete(TimerKind, { firmId, id });
      if (!affected) throw notFound('kind');
    });
  }

  private async refuseTakenName(firmId: string, name: string, own: string | null): Promise<void> {
    const known = await this.source.manager.findOneBy(TimerKind, { firmId, name });
    if (known && known.id !== own)
      throw badInput([{ path: 'name', message: 'is taken by another kind' }]);
  }
}

const timersOf = (manager: EntityManager, firmId: string, kindId: string): Promise<Timer[]> =>
  manager.find(Timer, {
    where: { firmId, kindId },
    relations: { property: true, settings: true },
    order: { id: 'ASC' },
  });

function columnsOf({ name, summary, capability, handling }: KindFields) {
  const read: TimerCapability = wholeDocument(capability, readKind, 'capability');
  const used = wholeDocument(handling ?? new TimerHandling(), readHandling, 'handling');
  return { name, summary, capability: { ...read, name }, handling: used };
}

const kindAnswer = (row: TimerKind, timers: number): KindAnswer => ({
  id: row.id,
  name: row.name,
  summary: row.summary,
  capability: row.capability,
  handling: row.handling,
  version: row.version,
  timers,
});
