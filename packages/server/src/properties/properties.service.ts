import { Injectable } from '@nestjs/common';
import { InjectDataSource, InjectRepository } from '@nestjs/typeorm';
import { DataSource, In, Repository, type EntityManager } from 'typeorm';
import { badInput, notFound } from '../platform/problem.js';
import { transact } from '../platform/transact.js';
import { saveVersion } from '../platform/saved.js';
import { StoredRuleSet } from '../schema/rule-set.entity.js';
import { StoredWeather } from '../schema/weather.entity.js';
import { askerOf, type SignedIn } from '../people/signed-in.js';
import { BASIS } from '../timer-records/basis.js';
import { Standings } from '../timer-records/standings.js';
import {
  PropertyAnswer,
  PropertyChange,
  PropertyFields,
  NewProperty,
  PropertyPage,
  PropertyQuery,
  SetUpChange,
  TimerOfProperty,
} from './property.dto.js';
import { Property } from '../schema/property.entity.js';
import { filterOf, ORDERS } from './property-filters.js';

const PAGE_SIZE = 25;

@Injectable()
export class PropertiesService {
  constructor(
    @InjectDataSource() private readonly source: DataSource,
    @InjectRepository(Property) private readonly properties: Repository<Property>,
    private readonly standings: Standings,
  ) {}

  /** A page of the properties that have all the words, each with its timers. */
  async find(person: SignedIn, query: PropertyQuery): Promise<PropertyPage> {
    const { firmId } = person;
    const pending = isByStanding(query) ? await this.knownOfAll(person, query.from) : 0;
    const { where, values } = filterOf(firmId, query);
    const [found, [{ count }]] = (await Promise.all([
      this.properties.query(
        `SELECT p.id FROM properties p WHERE ${where} ORDER BY ${ORDERS[query.sort]}
         LIMIT ${PAGE_SIZE} OFFSET ${(query.page - 1) * PAGE_SIZE}`,
        [...values],
      ),
      this.properties.query(`SELECT count(*) FROM properties p WHERE ${where}`, [...values]),
    ])) as [{ id: string }[], [{ count: string }]];
    const ids = found.map(({ id }) => id);
    const [rows, timers] = await Promise.all([
      this.properties.findBy({ firmId, id: In(ids) }),
      this.timersAt(person, ids, query.from),
    ]);
    const byId = new Map(rows.map((row) => [row.id, row]));
    return {
      total: Number(count),
      pageSize: PAGE_SIZE,
      pending,
      rows: ids.map((id) => {
        const { name, address, town, contactName, archivedAt } = byId.get(id)!;
        return {
          id,
          name,
          address,
          town,
          contactName,
          archived: archivedAt !== null,
          timers: timers.filter(({ propertyId }) => propertyId === id).map(timerOfProperty),
        };
      }),
    };
  }

  /** The timers of one property, each with what is true of it on a date. */
  async timersOf(person: SignedIn, propertyId: string, from: string): Promise<TimerOfProperty[]> {
    await this.row(person.firmId, propertyId);
    return (await this.timersAt(person, [propertyId], from)).map(timerOfProperty);
  }

  /** The timers of several properties, by the id of each. */
  async timersOfAll(
    person: SignedIn,
    propertyIds: readonly string[],
    from: string,
  ): Promise<ReadonlyMap<string, TimerOfProperty[]>> {
    const rows = await this.timersAt(person, propertyIds, from);
    return new Map(
      propertyIds.map((id) => [
        id,
        rows.filter(({ propertyId }) => propertyId === id).map(timerOfProperty),
      ]),
    );
  }

  async one(firmId: string, id: string): Promise<PropertyAnswer> {
    return propertyAnswer(await this.row(firmId, id));
  }

  async row(firmId: string, id: string): Promise<Property> {
    const row = await this.properties.findOneBy({ firmId, id });
    if (!row) throw notFound('property');
    return row;
  }

  async add(firmId: string, fields: NewProperty): Promise<PropertyAnswer> {
    await refuseUnknown(this.properties.manager, firmId, fields);
    const { id } = await this.properties.save(
      this.properties.create({
        ...propertyColumns(fields),
        firmId,
        setUpSkipped: fields.isLed ? [] : null,
      }),
    );
    return this.one(firmId, id);
  }

  /** The timers of homes with what is true of them, which is worked out where it is not there yet. */
  private async timersAt(
    person: SignedIn,
    propertyIds: readonly string[],
    from: string,
  ): Promise<TimerRow[]> {
    const read = (): Promise<TimerRow[]> =>
      this.properties.query(
        `SELECT t.id, t.property_id AS "propertyId", t.name,
           s.document #>> '{timer,name}' AS "timerType",
           jsonb_array_length(s.document -> 'stations') AS stations,
           o.document AS standing
         FROM timers t
         JOIN properties p ON p.id = t.property_id
         JOIN timer_settings s ON s.timer_id = t.id
         LEFT JOIN standings o ON o.timer_id = t.id
           AND o.from_date = $3::date AND o.basis = ${BASIS}
         WHERE t.firm_id = $1 AND t.property_id = ANY($2) ORDER BY t.name, t.id`,
        [person.firmId, propertyIds, from],
      );
    const rows = await read();
    const missing = rows.filter(({ standing }) => standing === null).map(({ id }) => id);
    if (missing.length === 0) return rows;
    await this.standings.workOut(askerOf(person), missing, from);
    return read();
  }

  /** Works out what is missing of the firm's timers, for as long as somebody waits; how many are missing then. */
  private async knownOfAll(person: SignedIn, from: string): Promise<number> {
    const missing = await this.standings.missing(person.firmId, from);
    if (missing.length === 0) return 0;
    await this.standings.workOutSome(askerOf(person), missing, from);
    return (await this.standings.missing(person.firmId, from)).length;
  }

  /** Saves a change made from the stored version, or refuses it whole. */
  async change(firmId: string, id: string, change: PropertyChange): Promise<PropertyAnswer> {
    await refuseUnknown(this.properties.manager, firmId, change);
    const columns = propertyColumns(change);
    await transact(this.source, (manager) =>
      saveVersion(manager, Property, { firmId, id }, change.version, columns, 'property'),
    );
    return this.one(firmId, id);
  }

  /** No save of the home itself: who has it open to change it is not in the way. */
  async setUp(
    firmId: string,
    id: string,
    { isLed, skipped }: SetUpChange,
  ): Promise<PropertyAnswer> {
    await this.row(firmId, id);
    const setUpSkipped = isLed ? [...new Set(skipped)] : null;
    await transact(this.source, (manager) =>
      manager.update(Property, { firmId, id }, { setUpSkipped }),
    );
    return this.one(firmId, id);
  }

  async setArchived(firmId: string, id: string, isArchived: boolean): Promise<PropertyAnswer> {
    await this.row(firmId, id);
    const archivedAt = isArchived ? () => 'now()' : null;
    await transact(this.source, (manager) =>
      manager.update(Property, { firmId, id }, { archivedAt, version: () => 'version + 1' }),
    );
    return this.one(firmId, id);
  }
}

/** Whether what is asked goes by what is true of timers. */
const isByStanding = ({ reason, due, sort }: PropertyQuery): boolean =>
  reason !== undefined || due !== undefined || sort === 'worst';

interface TimerRow extends TimerOfProperty {
  readonly propertyId: string;
}

const timerOfProperty = ({ propertyId: _home, ...timer }: TimerRow): TimerOfProperty => timer;

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
  frost: fields.frost ?? null,
  supplyLpm: fields.supplyLpm ?? null,
  supplyKpa: fields.supplyKpa ?? null,
  mowingWeekdays: fields.mowingWeekdays,
  isDryBeforeMowing: fields.isDryBeforeMowing,
  language: fields.language,
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
  frost: row.frost,
  supplyLpm: row.supplyLpm,
  supplyKpa: row.supplyKpa,
  mowingWeekdays: row.mowingWeekdays,
  isDryBeforeMowing: row.isDryBeforeMowing,
  language: row.language,
  ruleSetId: row.ruleSetId,
  weatherId: row.weatherId,
  waterPrice: row.waterPrice,
  setUpSkipped: row.setUpSkipped,
  archived: row.archivedAt !== null,
  version: row.version,
});
