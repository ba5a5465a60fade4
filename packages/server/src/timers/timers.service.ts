import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { readPlan, type Plan } from '@water-clock/core/settings';
import { readYard, withFollowers, withYard, yardFor, type Yard } from '@water-clock/core/yards';
import { DataSource, type EntityManager } from 'typeorm';
import { makeCopy } from '../timer-records/make-copy.js';
import { typeLike } from '../timer-types/type-like.js';
import { TimerType } from '../schema/timer-type.entity.js';
import type { SignedIn } from '../people/signed-in.js';
import { wholeDocument } from '../platform/documents.js';
import { badInput, notFound } from '../platform/problem.js';
import { transact } from '../platform/transact.js';
import { PropertiesService } from '../properties/properties.service.js';
import { lockHomeOf, lockTimer, lockToName } from '../timer-records/lock-timer.js';
import { settingsAtHome } from '../timer-records/settings-at-home.js';
import { storeSettings, storeYard } from '../timer-records/store-settings.js';
import { timerAnswer } from './timer-answer.js';
import {
  HoldsChange,
  SettingsAnswer,
  SettingsChange,
  TimerAnswer,
  TimerChange,
  TimerFields,
  YardAnswer,
  YardChange,
} from './timer.dto.js';
import { Timer, TimerSettings, TimerYard } from '../schema/timer.entity.js';

@Injectable()
export class TimersService {
  constructor(
    @InjectDataSource() private readonly source: DataSource,
    private readonly properties: PropertiesService,
  ) {}

  async one(firmId: string, id: string): Promise<TimerAnswer> {
    // For one row with its relations the framework's `findOne` asks twice.
    const [row] = await this.source.manager.find(Timer, {
      where: { firmId, id },
      relations: { property: true, timerType: true },
    });
    if (!row) throw notFound('timer');
    return timerAnswer(row);
  }

  /** Adds a timer to a property together with its first settings and its yard, or nothing. */
  async add(person: SignedIn, propertyId: string, fields: TimerFields): Promise<TimerAnswer> {
    const { firmId, name: savedBy } = person;
    const document = wholeDocument(fields.document, readPlan);
    const { name, timerTypeId = null, like } = fields;
    await this.properties.row(firmId, propertyId);
    if (
      timerTypeId !== null &&
      !(await this.source.manager.existsBy(TimerType, { firmId, id: timerTypeId }))
    )
      throw badInput([{ path: 'timerTypeId', message: 'is no timer type of this firm' }]);
    const timerId = await transact(this.source, async (manager) =>
      addTimer(manager, {
        ...{ firmId, propertyId, name, document, savedBy },
        timerTypeId:
          timerTypeId ?? (like === undefined ? null : await typeLike(manager, firmId, like)),
      }),
    );
    return this.one(firmId, timerId);
  }

  async change(firmId: string, id: string, change: TimerChange): Promise<TimerAnswer> {
    await transact(this.source, async (manager) => {
      if (!(await lockHomeOf(manager, firmId, id))) throw notFound('timer');
      if (Object.keys(change).length > 0)
        await manager.update(Timer, { firmId, id }, { ...change });
    });
    return this.one(firmId, id);
  }

  async settingsOf(firmId: string, timerId: string, on: string): Promise<SettingsAnswer> {
    const [row] = await this.source.manager.find(TimerSettings, {
      where: { firmId, timerId },
      relations: { timer: { property: { ruleSet: true } } },
    });
    if (!row) throw notFound('timer');
    const { version, savedAt, savedBy } = row;
    const document = settingsAtHome(row.document, row.timer.property, on);
    return { timerId, version, savedAt: savedAt.toISOString(), savedBy, document };
  }

  /** Saves settings made from the stored version, with a copy and the yard, or refuses them whole. */
  async saveSettings(
    person: SignedIn,
    timerId: string,
    change: SettingsChange,
    on: string,
  ): Promise<SettingsAnswer> {
    const sent = wholeDocument(change.document, readPlan);
    const { firmId } = person;
    await transact(this.source, async (manager) => {
      if (!(await lockToName(manager, firmId, timerId, sent.stations))) throw notFound('timer');
      await save(manager, person, timerId, { ...change, settingsOf: () => sent });
    });
    return this.settingsOf(firmId, timerId, on);
  }

  /** Puts holds in place of those that a timer has; whoever looks after a home by telephone may. */
  async hold(
    person: SignedIn,
    timerId: string,
    { version, holds }: HoldsChange,
    on: string,
  ): Promise<SettingsAnswer> {
    const pauses = holds.map(({ from, to }) => ({ from, to }));
    const settingsOf = (stored: Plan) => ({
      ...stored,
      controller: { ...stored.controller, pauses },
    });
    const { firmId } = person;
    await transact(this.source, async (manager) => {
      if (!(await lockTimer(manager, firmId, timerId))) throw notFound('timer');
      await save(manager, person, timerId, { version, name: '', settingsOf });
    });
    return this.settingsOf(firmId, timerId, on);
  }

  async yardOf(firmId: string, timerId: string): Promise<YardAnswer> {
    const row = await this.source.manager.findOneBy(TimerYard, { firmId, timerId });
    if (!row) throw notFound('timer');
    const { version, savedAt, savedBy, document } = row;
    return { timerId, version, savedAt: savedAt.toISOString(), savedBy, document };
  }

  /** Saves a yard made from the stored version, and what the settings say of its stations. */
  async saveYard(person: SignedIn, timerId: string, change: YardChange): Promise<YardAnswer> {
    const { firmId, name: savedBy } = person;
    const yard = wholeDocument(change.document, readYard);
    await transact(this.source, async (manager) => {
      if (!(await lockToName(manager, firmId, timerId, yard.stations))) throw notFound('timer');
      const where = { firmId, timerId, savedBy };
      await storeYard(manager, { ...where, fromVersion: change.version }, yard);
      const settings = await manager.findOneByOrFail(TimerSettings, { firmId, timerId });
      await storeSettings(manager, where, withYard(settings.document, yard), settings);
    });
    return this.yardOf(firmId, timerId);
  }
}

interface Saving {
  readonly version: number;
  /** Of the copy that is kept. */
  readonly name: string;
  /** What is to be stored, made from what is. */
  readonly settingsOf: (stored: Plan) => Plan;
}

/** Stores settings made from a version of them, with a copy and the yard; `manager` holds the timer. */
async function save(
  manager: EntityManager,
  { firmId, name: personName }: SignedIn,
  timerId: string,
  { version: fromVersion, name, settingsOf }: Saving,
): Promise<void> {
  const where = { firmId, timerId };
  const yard = await manager.findOneBy(TimerYard, where);
  const stored = await manager.findOneByOrFail(TimerSettings, where);
  const sent = settingsOf(stored.document);
  const document = yard ? withFollowers(sent, yard.document) : sent;
  await storeSettings(manager, { ...where, savedBy: personName, fromVersion }, document, stored);
  if (yard)
    await storeYard(
      manager,
      { ...where, savedBy: personName },
      yardFor(document, yard.document),
      yard,
    );
  // The same save once more has its copy.
  if (stored.version !== fromVersion) return;
  await makeCopy(manager, {
    ...where,
    document,
    personName,
    reason: 'planned',
    name,
    isInTimer: false,
  });
}

export interface NewTimer {
  readonly id?: string;
  readonly firmId: string;
  readonly propertyId: string;
  readonly name: string;
  readonly timerTypeId: string | null;
  readonly document: Plan;
  /** Absent: what the settings say of their stations. */
  readonly yard?: Yard;
  readonly savedBy: string;
}

/** A timer with settings and yard, inside the transaction of `manager`. */
export async function addTimer(manager: EntityManager, timer: NewTimer): Promise<string> {
  const { id, firmId, propertyId, name, timerTypeId, document, yard, savedBy } = timer;
  const row = manager.create(Timer, { ...(id && { id }), firmId, propertyId, name, timerTypeId });
  const { id: timerId } = await manager.save(row);
  const saved = { timerId, firmId, savedBy };
  await manager.insert(TimerSettings, { ...saved, document: document as object });
  const first = yard ?? yardFor(document, null);
  await manager.insert(TimerYard, { ...saved, document: first as object });
  return timerId;
}
