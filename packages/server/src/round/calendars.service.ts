import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { plannedCalendarText } from '@water-clock/core/formats';
import { DataSource, IsNull } from 'typeorm';
import type { SignedIn } from '../people/signed-in.js';
import { newToken, tokenHash } from '../people/tokens.js';
import { notFound } from '../platform/problem.js';
import { transact } from '../platform/transact.js';
import { Person } from '../schema/person.entity.js';
import { CalendarLink } from '../schema/calendar-link.entity.js';
import { PlannedVisit } from '../schema/planned-visit.entity.js';
import type { CalendarLinkAnswer, NewCalendarLinkAnswer } from './calendar.dto.js';

/** What is longer ago no calendar asks for. */
const DAYS_BACK = 60;

/** Each person's planned visits as a calendar, for whoever has the link. */
@Injectable()
export class CalendarsService {
  constructor(@InjectDataSource() private readonly source: DataSource) {}

  /** The link that leads to one's visits; null: there is none. */
  async link({ firmId, id: personId }: SignedIn): Promise<CalendarLinkAnswer | null> {
    const where = { firmId, personId, withdrawnAt: IsNull() };
    const row = await this.source.manager.findOneBy(CalendarLink, where);
    return row && { madeAt: row.madeAt.toISOString() };
  }

  /** A new link; the one before leads nowhere from now on. */
  async renew(person: SignedIn): Promise<NewCalendarLinkAnswer> {
    const { firmId, id: personId } = person;
    const token = newToken();
    const row = await transact(this.source, async (manager) => {
      // One after the other, where two are asked for at the same moment.
      await manager.findOne(Person, {
        ...{ select: { id: true }, where: { id: personId } },
        lock: { mode: 'pessimistic_write' },
      });
      await manager.update(
        CalendarLink,
        { firmId, personId, withdrawnAt: IsNull() },
        { withdrawnAt: () => 'now()' },
      );
      return manager.save(
        manager.create(CalendarLink, { firmId, personId, tokenHash: tokenHash(token) }),
      );
    });
    return { madeAt: row.madeAt.toISOString(), token };
  }

  async withdraw({ firmId, id: personId }: SignedIn): Promise<void> {
    const { affected } = await transact(this.source, (manager) =>
      manager.update(
        CalendarLink,
        { firmId, personId, withdrawnAt: IsNull() },
        { withdrawnAt: () => 'now()' },
      ),
    );
    if (!affected) throw notFound('calendar link');
  }

  /** The calendar that a link leads to: where and when, and nothing of who lives there or how one gets in. */
  async text(token: string): Promise<string> {
    const link = await this.source.manager.findOne(CalendarLink, {
      where: {
        tokenHash: tokenHash(token),
        withdrawnAt: IsNull(),
        person: { removedAt: IsNull() },
      },
      relations: { person: { firm: true } },
    });
    if (!link) throw notFound('calendar');
    const { firmId, personId, person } = link;
    const rows = await this.source.manager
      .createQueryBuilder(PlannedVisit, 'v')
      .innerJoinAndSelect('v.property', 'property')
      .where('v.firmId = :firmId AND v.personId = :personId', { firmId, personId })
      .andWhere(`v.onDate > current_date - ${DAYS_BACK}`)
      .orderBy({ 'v.onDate': 'ASC', 'v.place': 'ASC' })
      .getMany();
    return plannedCalendarText({
      name: `${person.firm.name}: ${person.name}`,
      visits: rows.map(({ id, onDate, createdAt, version, property }) => ({
        ...{ id, onDate, version, madeAt: createdAt.toISOString() },
        address: [property.address, property.town].filter(Boolean).join(', '),
      })),
    });
  }
}
