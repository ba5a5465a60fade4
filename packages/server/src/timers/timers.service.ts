import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { formatDateTime, parseDate, type DayNumber } from '@water-clock/core/civil-time';
import { pathWithin } from '@water-clock/core/documents';
import { simulate } from '@water-clock/core/engine';
import { readPlan, type Plan } from '@water-clock/core/settings';
import { Repository } from 'typeorm';
import { badInput, notFound, savedByAnother } from '../platform/problem.js';
import { PropertiesService, propertyAnswer } from '../properties/properties.service.js';
import {
  SettingsAnswer,
  SettingsChange,
  TimerAnswer,
  TimerFields,
  TimerListing,
  TimerOutlook,
} from './timer.dto.js';
import { Timer, TimerSettings } from './timer.entity.js';

const OUTLOOK_NIGHTS = 14;

@Injectable()
export class TimersService {
  constructor(
    @InjectRepository(Timer) private readonly timers: Repository<Timer>,
    @InjectRepository(TimerSettings) private readonly settings: Repository<TimerSettings>,
    private readonly properties: PropertiesService,
  ) {}

  async list(firmId: string, from: string): Promise<TimerListing[]> {
    const rows = await this.timers.find({
      where: { firmId },
      relations: { property: true, settings: true },
      order: { property: { name: 'ASC' }, name: 'ASC', id: 'ASC' },
    });
    const day = parseDate(from)!;
    return rows.map(({ id, name, property, settings: { document } }) => ({
      id,
      name,
      property: propertyAnswer(property),
      kind: document.timer.name ?? null,
      stations: document.stations.length,
      programs: document.programs.filter(isInUse).map((program) => program.id),
      outlook: outlookOf(document, day),
    }));
  }

  async one(firmId: string, id: string): Promise<TimerAnswer> {
    const row = await this.timers.findOne({ where: { firmId, id }, relations: { property: true } });
    if (!row) throw notFound('timer');
    return { id: row.id, name: row.name, property: propertyAnswer(row.property) };
  }

  /** Adds a timer to a property together with its first settings, or neither. */
  async add(firmId: string, propertyId: string, fields: TimerFields): Promise<TimerAnswer> {
    const document = wholePlan(fields.document);
    await this.properties.one(firmId, propertyId);
    const timerId = await this.timers.manager.transaction(async (manager) => {
      const timer = await manager.save(
        manager.create(Timer, { firmId, propertyId, name: fields.name }),
      );
      await manager.insert(TimerSettings, { timerId: timer.id, firmId, document });
      return timer.id;
    });
    return this.one(firmId, timerId);
  }

  async settingsOf(firmId: string, timerId: string): Promise<SettingsAnswer> {
    const row = await this.settings.findOneBy({ firmId, timerId });
    if (!row) throw notFound('timer');
    const { version, savedAt, document } = row;
    return { timerId, version, savedAt: savedAt.toISOString(), document };
  }

  /** Saves settings made from the stored version, or refuses them whole. */
  async saveSettings(
    firmId: string,
    timerId: string,
    { version, document }: SettingsChange,
  ): Promise<SettingsAnswer> {
    const plan = wholePlan(document);
    const { raw } = await this.settings
      .createQueryBuilder()
      .update({ document: plan as object, version: version + 1, savedAt: () => 'now()' })
      .where({ firmId, timerId, version })
      .returning('saved_at')
      .execute();
    const [saved] = raw as { saved_at: Date }[];
    if (saved)
      return {
        timerId,
        version: version + 1,
        savedAt: saved.saved_at.toISOString(),
        document: plan,
      };
    await this.settingsOf(firmId, timerId);
    throw savedByAnother('This timer');
  }
}

/** Reads a plan document with the core's own checks; its faults become the request's. */
function wholePlan(document: unknown): Plan {
  const read = readPlan(document);
  if (read.ok) return read.value;
  throw badInput(
    read.trouble.map(({ path, message }) => ({
      path: pathWithin('document', path),
      message,
    })),
  );
}

const isInUse = ({ enabled, starts }: Plan['programs'][number]): boolean =>
  enabled && starts.length > 0;

function outlookOf(plan: Plan, from: DayNumber): TimerOutlook {
  const { collisions, runs } = simulate(plan, { from, days: OUTLOOK_NIGHTS });
  const [first] = collisions;
  return {
    collisions: collisions.length,
    firstCollision: first ? formatDateTime(first.b.nominal) : null,
    runs: runs.length,
  };
}
