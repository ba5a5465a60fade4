import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { IsNull, Not, type DataSource, type EntityManager } from 'typeorm';
import { badInput, notFound, ProblemException } from '../platform/problem.js';
import { transact } from '../platform/transact.js';
import { Person } from '../schema/person.entity.js';
import { Property } from '../schema/property.entity.js';
import { eraseContact, erasePerson, eraseProperty, NAMELESS } from './erased.js';
import type { FormerPerson, PropertyErasure } from './erasure.dto.js';

const stillKept = (): ProblemException =>
  new ProblemException(
    409,
    'Not archived',
    'Only what is archived can be erased: archive the property first.',
  );

/** Takes what is personal away for good. */
@Injectable()
export class ErasureService {
  constructor(@InjectDataSource() private readonly source: DataSource) {}

  /** What would go with a property. */
  async ofProperty(firmId: string, id: string): Promise<PropertyErasure> {
    await heldProperty(this.source.manager, firmId, id);
    const ofTimers = (table: string) =>
      `(SELECT count(*) FROM ${table} r JOIN timers t ON t.id = r.timer_id
        WHERE t.firm_id = $1 AND t.property_id = $2)::integer`;
    const [counts] = await this.source.query<PropertyErasure[]>(
      `SELECT
         (SELECT count(*) FROM timers WHERE firm_id = $1 AND property_id = $2)::integer AS timers,
         ${ofTimers('copies')} AS copies,
         ${ofTimers('visits')} AS visits,
         ${ofTimers('sheets')} AS sheets,
         (SELECT count(*) FROM share_links l JOIN sheets s ON s.id = l.sheet_id
            JOIN timers t ON t.id = s.timer_id
          WHERE t.firm_id = $1 AND t.property_id = $2
            AND l.withdrawn_at IS NULL AND l.expires_at > now())::integer AS links,
         (SELECT count(*) FROM changes WHERE firm_id = $1 AND property_id = $2)::integer AS changes`,
      [firmId, id],
    );
    return counts!;
  }

  eraseProperty(firmId: string, id: string, name: string): Promise<void> {
    return transact(this.source, async (manager) => {
      const property = await heldProperty(manager, firmId, id, 'pessimistic_write');
      if (property.archivedAt === null) throw stillKept();
      refuseOther(property.name, name, 'the property');
      await eraseProperty(manager, firmId, id);
    });
  }

  eraseContact(firmId: string, id: string): Promise<void> {
    return transact(this.source, async (manager) => {
      await heldProperty(manager, firmId, id, 'pessimistic_write');
      await eraseContact(manager, firmId, id);
    });
  }

  /** Who worked here and is still known by name. */
  async formerPeople(firmId: string): Promise<FormerPerson[]> {
    return this.source.query(
      `SELECT p.id, p.name, p.removed_at AS "removedAt", EXISTS (
         SELECT 1 FROM people o WHERE o.firm_id = $1 AND o.id <> p.id AND o.name = p.name) AS "isShared"
       FROM people p WHERE p.firm_id = $1 AND p.removed_at IS NOT NULL AND p.name <> $2
       ORDER BY p.removed_at DESC, p.id`,
      [firmId, NAMELESS],
    );
  }

  erasePerson(firmId: string, id: string, name: string): Promise<void> {
    return transact(this.source, async (manager) => {
      const person = await manager.findOne(Person, {
        where: { firmId, id, removedAt: Not(IsNull()) },
        lock: { mode: 'pessimistic_write' },
      });
      if (!person) throw notFound('person among those who left');
      refuseOther(person.name, name, 'the person');
      await erasePerson(manager, firmId, person);
    });
  }
}

async function heldProperty(
  manager: EntityManager,
  firmId: string,
  id: string,
  mode?: 'pessimistic_write',
): Promise<Property> {
  const row = await manager.findOne(Property, {
    where: { firmId, id },
    ...(mode && { lock: { mode } }),
  });
  if (!row) throw notFound('property');
  return row;
}

function refuseOther(is: string, given: string, what: string): void {
  if (given.trim() !== is.trim())
    throw badInput([{ path: 'name', message: `is not the name of ${what}` }]);
}
