import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { parseDate, type DayNumber } from '@water-clock/core/civil-time';
import { In, Repository, type EntityManager } from 'typeorm';
import { badInput, notFound } from '../platform/problem.js';
import { saveVersion } from '../platform/saved.js';
import { StoredRuleSet } from '../schema/rule-set.entity.js';
import { StoredWeather } from '../schema/weather.entity.js';
import { outlookOf } from '../timer-records/outlook.js';
import { Timer } from '../schema/timer.entity.js';
import {
  PropertyAnswer,
  PropertyChange,
  PropertyFields,
  PropertyPage,
  PropertyQuery,
  TimerOfProperty,
  type SORTS,
} from './property.dto.js';
import { Property } from '../schema/property.entity.js';

const PAGE_SIZE = 25;

const ORDERS: Record<(typeof SORTS)[number], string> = {
  name: 'lower(name), id',
  town: 'lower(town), lower(name), id',
  newest: 'created_at DESC, id',
};

@Injectable()
export class PropertiesService {
  constructor(@InjectRepository(Property) private readonly properties: Repository<Property>) {}

  /** A page of the properties that have all the words, each with its timers. */
  async find(firmId: string, query: PropertyQuery): Promise<PropertyPage> {
    const words = query.q.toLowerCase().split(/\s+/).filter(Boolean);
    const isArchived = query.archived === 'yes' ? 'IS NOT NULL' : 'IS NULL';
    // One LIKE a word: a list of them would not use the index.
    const hasWords = words.map((_, index) => `AND search_text LIKE $${index + 2}`).join(' ');
    const where = `firm_id = $1 AND archived_at ${isArchived} ${hasWords}`;
    const values = [firmId, ...words.map((word) => `%${word.replace(/[\\%_]/g, '\\$&')}%`)];
    const [found, [{ count }]] = (await Promise.all([
      this.properties.query(
        `SELECT id FROM properties WHERE ${where} ORDER BY ${ORDERS[query.sort]}
         LIMIT ${PAGE_SIZE} OFFSET ${(query.page - 1) * PAGE_SIZE}`,
        values,
      ),
      this.properties.query(`SELECT count(*) FROM properties WHERE ${where}`, values),
    ])) as [{ id: string }[], [{ count: string }]];
    const ids = found.map(({ id }) => id);
    const [rows, timers] = await Promise.all([
      this.properties.findBy({ firmId, id: In(ids) }),
      this.properties.manager.find(Timer, {
        where: { firmId, propertyId: In(ids) },
        relations: { settings: true },
        order: { name: 'ASC', id: 'ASC' },
      }),
    ]);
    const byId = new Map(rows.map((row) => [row.id, row]));
    const day = parseDate(query.from)!;
    return {
      total: Number(count),
      pageSize: PAGE_SIZE,
      rows: ids.map((id) => {
        const { name, address, town, contactName, archivedAt } = byId.get(id)!;
        return {
          id,
          name,
          address,
          town,
          contactName,
          archived: archivedAt !== null,
          timers: timers
            .filter(({ propertyId }) => propertyId === id)
            .map((timer) => timerOfProperty(timer, day)),
        };
      }),
    };
  }

  /** The timers of one property, each with what fourteen nights from a date bring. */
  async timersOf(firmId: string, propertyId: string, from: string): Promise<TimerOfProperty[]> {
    await this.row(firmId, propertyId);
    const timers = await this.properties.manager.find(Timer, {
      where: { firmId, propertyId },
      relations: { settings: true },
      order: { name: 'ASC', id: 'ASC' },
    });
    const day = parseDate(from)!;
    return timers.map((timer) => timerOfProperty(timer, day));
  }

  async one(firmId: string, id: string): Promise<PropertyAnswer> {
    return propertyAnswer(await this.row(firmId, id));
  }

  async row(firmId: string, id: string): Promise<Property> {
    const row = await this.properties.findOneBy({ firmId, id });
    if (!row) throw notFound('property');
    return row;
  }

  async add(firmId: string, fields: PropertyFields): Promise<PropertyAnswer> {
    await refuseUnknown(this.properties.manager, firmId, fields);
    const { id } = await this.properties.save(
      this.properties.create({ ...propertyColumns(fields), firmId }),
    );
    return this.one(firmId, id);
  }

  /** Saves a change made from the stored version, or refuses it whole. */
  async change(firmId: string, id: string, change: PropertyChange): Promise<PropertyAnswer> {
    const { manager } = this.properties;
    await refuseUnknown(manager, firmId, change);
    const columns = propertyColumns(change);
    await saveVersion(manager, Property, { firmId, id }, change.version, columns, 'property');
    return this.one(firmId, id);
  }

  async setArchived(firmId: string, id: string, isArchived: boolean): Promise<PropertyAnswer> {
    await this.row(firmId, id);
    const archivedAt = isArchived ? () => 'now()' : null;
    await this.properties.update(
      { firmId, id },
      {
        archivedAt,
        version: () => 'version + 1',
      },
    );
    return this.one(firmId, id);
  }
}

const timerOfProperty = ({ id, name, settings }: Timer, from: DayNumber): TimerOfProperty => ({
  id,
  name,
  timerType: settings.document.timer.name ?? null,
  stations: settings.document.stations.length,
  outlook: outlookOf(settings.document, from),
});

/** Rules and weather that a property goes by are its firm's. */
async function refuseUnknown(
  manager: EntityManager,
  firmId: string,
  { ruleSetId, weatherId }: PropertyFields,
): Promise<void> {
  const places = [];
  if (
    ruleSetId !== undefined &&
    !(await manager.existsBy(StoredRuleSet, { firmId, id: ruleSetId }))
  )
    places.push({ path: 'ruleSetId', message: 'is no rule set of this firm' });
  if (
    weatherId !== undefined &&
    !(await manager.existsBy(StoredWeather, { firmId, id: weatherId }))
  )
    places.push({ path: 'weatherId', message: 'is no weather of this firm' });
  if (places.length > 0) throw badInput(places);
}

export const propertyColumns = (fields: PropertyFields) => ({
  name: fields.name,
  address: fields.address,
  town: fields.town,
  contactName: fields.contactName,
  contactPhone: fields.contactPhone,
  contactEmail: fields.contactEmail,
  gateNotes: fields.gateNotes,
  timeZone: fields.timeZone ?? null,
  latitude: fields.latitude ?? null,
  longitude: fields.longitude ?? null,
  supplySource: fields.supplySource ?? null,
  supplyLpm: fields.supplyLpm ?? null,
  supplyKpa: fields.supplyKpa ?? null,
  mowingWeekdays: fields.mowingWeekdays,
  ruleSetId: fields.ruleSetId ?? null,
  weatherId: fields.weatherId ?? null,
  waterPrice: fields.waterPrice ?? null,
});

export const propertyAnswer = (row: Property): PropertyAnswer => ({
  id: row.id,
  name: row.name,
  address: row.address,
  town: row.town,
  contactName: row.contactName,
  contactPhone: row.contactPhone,
  contactEmail: row.contactEmail,
  gateNotes: row.gateNotes,
  timeZone: row.timeZone,
  latitude: row.latitude,
  longitude: row.longitude,
  supplySource: row.supplySource,
  supplyLpm: row.supplyLpm,
  supplyKpa: row.supplyKpa,
  mowingWeekdays: row.mowingWeekdays,
  ruleSetId: row.ruleSetId,
  weatherId: row.weatherId,
  waterPrice: row.waterPrice,
  archived: row.archivedAt !== null,
  version: row.version,
});
