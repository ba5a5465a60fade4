import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { withTimerType } from '@water-clock/core/findings';
import {
  readHandling,
  readTimerType,
  TimerHandling,
  type TimerCapability,
} from '@water-clock/core/timer-types';
import { DataSource, type EntityManager } from 'typeorm';
import { ComputingService } from '../computing/computing.service.js';
import { askerOf, type SignedIn } from '../people/signed-in.js';
import { wholeDocument } from '../platform/documents.js';
import { badInput, notFound } from '../platform/problem.js';
import { transact } from '../platform/transact.js';
import { saveVersion } from '../platform/saved.js';
import { Timer } from '../schema/timer.entity.js';
import { bringBack, takeAway, TIMER_TYPES } from '../removals/removals.js';
import { storeSettings } from '../timer-records/store-settings.js';
import { BREAKS_TASK } from './breaks-task.js';
import {
  TimerTypeAnswer,
  TimerTypeBreak,
  TimerTypeChange,
  TimerTypeFields,
  TimerTypePreviewFields,
} from './timer-type.dto.js';
import { TimerType } from '../schema/timer-type.entity.js';

@Injectable()
export class TimerTypesService {
  constructor(
    @InjectDataSource() private readonly source: DataSource,
    private readonly computing: ComputingService,
  ) {}

  async list(firmId: string): Promise<TimerTypeAnswer[]> {
    const rows = await this.source.manager.find(TimerType, {
      where: { firmId },
      order: { name: 'ASC' },
    });
    const counts: { kind_id: string; count: string }[] = await this.source.query(
      `SELECT kind_id, count(*) FROM timers WHERE firm_id = $1 AND kind_id IS NOT NULL GROUP BY kind_id`,
      [firmId],
    );
    const timers = new Map(counts.map(({ kind_id, count }) => [kind_id, Number(count)]));
    return rows.map((row) => timerTypeAnswer(row, timers.get(row.id) ?? 0));
  }

  async add(firmId: string, fields: TimerTypeFields): Promise<TimerTypeAnswer> {
    const columns = columnsOf(fields);
    await this.refuseTakenName(firmId, fields.name, null);
    const row = await this.source.manager.save(
      this.source.manager.create(TimerType, { ...columns, firmId }),
    );
    return timerTypeAnswer({ ...row, version: 1 }, 0);
  }

  /** Changes a timer type, and with it every timer of the timer type, or nothing. */
  async change(firmId: string, id: string, change: TimerTypeChange): Promise<TimerTypeAnswer> {
    const columns = columnsOf(change);
    await this.refuseTakenName(firmId, change.name, id);
    await transact(this.source, async (manager) => {
      const { version } = change;
      await saveVersion(manager, TimerType, { firmId, id }, version, columns, 'timer type');
      // In the order of their ids, so that two changes of timer types cannot wait for each other.
      await manager.find(Timer, {
        select: { id: true },
        where: { firmId, timerTypeId: id },
        order: { id: 'ASC' },
        lock: { mode: 'pessimistic_write' },
      });
      for (const { settings } of await timersOf(manager, firmId, id)) {
        const at = { firmId, timerId: settings.timerId };
        await storeSettings(manager, at, withTimerType(settings.document, columns.capability));
      }
    });
    return (await this.list(firmId)).find((timerType) => timerType.id === id)!;
  }

  /** What a change would break, before it is made: a timer each, those without trouble left out. */
  async preview(
    person: SignedIn,
    id: string,
    fields: TimerTypePreviewFields,
  ): Promise<TimerTypeBreak[]> {
    const { firmId } = person;
    const capability = wholeDocument(fields.capability, readTimerType, 'capability');
    if (!(await this.source.manager.existsBy(TimerType, { firmId, id })))
      throw notFound('timer type');
    const timers = await timersOf(this.source.manager, firmId, id);
    const plans = timers.map(({ settings }) => settings.document);
    const { from } = fields;
    const breaks = await this.computing.run(askerOf(person), BREAKS_TASK, {
      plans,
      capability,
      from,
    });
    return timers.flatMap(({ id: timerId, name, property }, index) => {
      const { findings, programsLost } = breaks[index]!;
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

  /** Takes a timer type out of the library; its timers stay as they are. */
  async remove(firmId: string, id: string): Promise<void> {
    await transact(this.source, (manager) => takeAway(manager, TIMER_TYPES, firmId, id));
  }

  /** Brings a timer type back, for the timers of it that have none since; 422 where its name is taken by now. */
  async bringBack(firmId: string, id: string): Promise<TimerTypeAnswer> {
    await transact(this.source, async (manager) => {
      const taken = await manager.query<unknown[]>(
        `SELECT 1 FROM removals r JOIN timer_kinds t
           ON t.firm_id = r.firm_id AND t.name = r."row" ->> 'name'
         WHERE r.firm_id = $1 AND r.id = $2 AND r.kind = $3`,
        [firmId, id, TIMER_TYPES.kind],
      );
      if (taken.length > 0)
        throw badInput([{ path: 'name', message: 'is taken by another timer type by now' }]);
      await bringBack(manager, TIMER_TYPES, firmId, id);
    });
    return (await this.list(firmId)).find((timerType) => timerType.id === id)!;
  }

  private async refuseTakenName(firmId: string, name: string, own: string | null): Promise<void> {
    const known = await this.source.manager.findOneBy(TimerType, { firmId, name });
    if (known && known.id !== own)
      throw badInput([{ path: 'name', message: 'is taken by another timer type' }]);
  }
}

const timersOf = (manager: EntityManager, firmId: string, timerTypeId: string): Promise<Timer[]> =>
  manager.find(Timer, {
    where: { firmId, timerTypeId },
    relations: { property: true, settings: true },
    order: { id: 'ASC' },
  });

function columnsOf({ name, summary, capability, handling }: TimerTypeFields) {
  const read: TimerCapability = wholeDocument(capability, readTimerType, 'capability');
  const used = wholeDocument(handling ?? new TimerHandling(), readHandling, 'handling');
  return { name, summary, capability: { ...read, name }, handling: used };
}

const timerTypeAnswer = (row: TimerType, timers: number): TimerTypeAnswer => ({
  id: row.id,
  name: row.name,
  summary: row.summary,
  capability: row.capability,
  handling: row.handling,
  version: row.version,
  timers,
});
