import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import {
  Between,
  DataSource,
  In,
  IsNull,
  type EntityManager,
  type FindOptionsWhere,
} from 'typeorm';
import type { SignedIn } from '../people/signed-in.js';
import { badInput, notFound } from '../platform/problem.js';
import { saveVersion } from '../platform/saved.js';
import { transact } from '../platform/transact.js';
import { Person } from '../schema/person.entity.js';
import { PlannedVisit } from '../schema/planned-visit.entity.js';
import { Property } from '../schema/property.entity.js';
import type {
  HomeOfVisit,
  NewPlannedVisit,
  PlannedVisitAnswer,
  PlannedVisitChange,
  PlannedVisitFields,
  PlannedVisitQuery,
} from './planned-visit.dto.js';

const WITH_HOME = { property: true, person: true } as const;
const IN_ORDER = { onDate: 'ASC', place: 'ASC', createdAt: 'ASC', id: 'ASC' } as const;

/** Who is to go where, on which date, and in what order. */
@Injectable()
export class PlannedVisitsService {
  constructor(@InjectDataSource() private readonly source: DataSource) {}

  async list(
    person: SignedIn,
    { from, to, whose }: PlannedVisitQuery,
  ): Promise<PlannedVisitAnswer[]> {
    return this.find({
      ...{ firmId: person.firmId, onDate: Between(from, to) },
      ...(whose === 'mine' && { personId: person.id }),
    });
  }

  async find(where: FindOptionsWhere<PlannedVisit>): Promise<PlannedVisitAnswer[]> {
    const rows = await this.source.manager.find(PlannedVisit, {
      ...{ where, relations: WITH_HOME, order: IN_ORDER },
    });
    return rows.map(plannedVisitAnswer);
  }

  /** Those of a date, person by person as they are driven, and of before it those that nobody has held. */
  async ofDay(firmId: string, on: string, personId: string | null): Promise<PlannedVisitAnswer[]> {
    const rows = await this.source.manager
      .createQueryBuilder(PlannedVisit, 'v')
      .innerJoinAndSelect('v.property', 'property')
      .innerJoinAndSelect('v.person', 'person')
      .where('v.firmId = :firmId', { firmId })
      .andWhere('(v.onDate = :on OR (v.onDate < :on AND v.visitId IS NULL))', { on })
      .andWhere('property.archivedAt IS NULL')
      .andWhere(personId === null ? 'true' : 'v.personId = :personId', { personId })
      .orderBy({
        ...{ 'person.name': 'ASC', 'v.personId': 'ASC', 'v.place': 'ASC' },
        ...{ 'v.onDate': 'ASC', 'v.createdAt': 'ASC' },
      })
      .getMany();
    return rows.map(plannedVisitAnswer);
  }

  /** Plans a visit; one that was planned already under this id is given back. */
  async add(
    { firmId, name: madeBy }: SignedIn,
    { id, propertyId, ...fields }: NewPlannedVisit,
  ): Promise<PlannedVisitAnswer> {
    const stored = await transact(this.source, async (manager) => {
      const known = id && (await manager.findOneBy(PlannedVisit, { id }));
      if (known) {
        if (known.firmId !== firmId || known.propertyId !== propertyId)
          throw badInput([{ path: 'id', message: 'is taken' }]);
        return known.id;
      }
      if (!(await manager.existsBy(Property, { firmId, id: propertyId })))
        throw badInput([{ path: 'propertyId', message: 'is no property of this firm' }]);
      await refuseUnknown(manager, firmId, fields);
      const row = manager.create(PlannedVisit, {
        ...{ ...(id && { id }), firmId, propertyId, madeBy },
        ...columnsOf(fields),
        place: await nextPlace(manager, firmId, fields),
      });
      return (await manager.save(row)).id;
    });
    return this.one(firmId, stored);
  }

  async change(
    { firmId }: SignedIn,
    id: string,
    { version, ...fields }: PlannedVisitChange,
  ): Promise<PlannedVisitAnswer> {
    await transact(this.source, async (manager) => {
      const before = await manager.findOneBy(PlannedVisit, { firmId, id });
      if (!before) throw notFound('planned visit');
      await refuseUnknown(manager, firmId, fields);
      const isMoved = before.onDate !== fields.onDate || before.personId !== fields.personId;
      await saveVersion(
        ...([manager, PlannedVisit, { firmId, id }, version] as const),
        {
          ...columnsOf(fields),
          // On another day it comes after all that are there.
          ...(isMoved && { place: await nextPlace(manager, firmId, fields) }),
        },
        'planned visit',
      );
    });
    return this.one(firmId, id);
  }

  /** The order of a day; those that are not named come after these, as they were. */
  async order({ firmId }: SignedIn, ids: readonly string[]): Promise<void> {
    await transact(this.source, async (manager) => {
      const known = await manager.countBy(PlannedVisit, { firmId, id: In([...ids]) });
      if (known !== new Set(ids).size)
        throw badInput([
          { path: 'ids', message: 'must be planned visits of this firm, each once' },
        ]);
      await manager.query(
        `UPDATE planned_visits v SET place = o.place
         FROM unnest($2::uuid[]) WITH ORDINALITY AS o (id, place)
         WHERE v.firm_id = $1 AND v.id = o.id`,
        [firmId, ids],
      );
    });
  }

  async remove({ firmId }: SignedIn, id: string): Promise<void> {
    const { affected } = await transact(this.source, (manager) =>
      manager.delete(PlannedVisit, { firmId, id }),
    );
    if (!affected) throw notFound('planned visit');
  }

  private async one(firmId: string, id: string): Promise<PlannedVisitAnswer> {
    const [row] = await this.find({ firmId, id });
    if (!row) throw notFound('planned visit');
    return row;
  }
}

const columnsOf = ({ personId, onDate, reason, notes, minutes }: PlannedVisitFields) => ({
  ...{ personId, onDate, reason, notes },
  minutes: minutes ?? null,
});

async function refuseUnknown(
  manager: EntityManager,
  firmId: string,
  { personId }: PlannedVisitFields,
): Promise<void> {
  if (!(await manager.existsBy(Person, { firmId, id: personId, removedAt: IsNull() })))
    throw badInput([{ path: 'personId', message: 'is nobody of this firm' }]);
}

async function nextPlace(
  manager: EntityManager,
  firmId: string,
  { personId, onDate }: PlannedVisitFields,
): Promise<number> {
  return ((await manager.maximum(PlannedVisit, 'place', { firmId, personId, onDate })) ?? 0) + 1;
}

const homeOf = (home: Property): HomeOfVisit => ({
  ...{ id: home.id, name: home.name, address: home.address, town: home.town },
  ...{ contactName: home.contactName, contactPhone: home.contactPhone },
  ...{ contactEmail: home.contactEmail, gateNotes: home.gateNotes },
  ...{ latitude: home.latitude, longitude: home.longitude },
});

const plannedVisitAnswer = (row: PlannedVisit): PlannedVisitAnswer => ({
  ...{ id: row.id, home: homeOf(row.property), personId: row.personId, person: row.person.name },
  ...{ onDate: row.onDate, reason: row.reason, notes: row.notes, minutes: row.minutes },
  ...{ isHeld: row.visitId !== null, version: row.version },
});
