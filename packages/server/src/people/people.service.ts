import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { Customary, readCustomary } from '@water-clock/core/needs';
import { DataSource, QueryFailedError } from 'typeorm';
import { Firm } from '../schema/firm.entity.js';
import { wholeDocument } from '../platform/documents.js';
import { badInput, notAllowed, notFound } from '../platform/problem.js';
import { transact } from '../platform/transact.js';
import {
  CustomaryFields,
  FirmAnswer,
  FirmChange,
  PersonAnswer,
  PersonFields,
  SessionAnswer,
  SetupFields,
  WelcomeAnswer,
} from './person.dto.js';
import { Person, type Clock } from '../schema/person.entity.js';
import { passwordHash } from './passwords.js';
import type { SignedIn } from './signed-in.js';
import { fieldOf } from '@water-clock/core/kernel';

const UNIQUE_VIOLATION = '23505';

@Injectable()
export class PeopleService {
  constructor(@InjectDataSource() private readonly source: DataSource) {}

  async welcome(): Promise<WelcomeAnswer> {
    const people = await this.source.manager.find(Person, {
      where: { firm: { isDemo: true } },
      relations: { firm: true },
      order: { createdAt: 'ASC', name: 'ASC' },
    });
    return {
      needsSetup: people.length === 0 && !(await this.source.manager.exists(Person)),
      demoPeople: people.map(({ id, name, role, firm }) => ({ id, name, role, firm: firm.name })),
    };
  }

  /** Whether this is the demo, where everything may be looked at. */
  isDemo(): Promise<boolean> {
    return this.source.manager.existsBy(Firm, { isDemo: true });
  }

  /** The first firm and its owner; refused where there is anybody already. */
  async setUp({ firm: firmName, name, email, password }: SetupFields): Promise<Person> {
    // Before the work of a hash, and again once nobody else can be writing.
    if (await this.source.manager.exists(Person)) throw notAllowed();
    const passwordHashed = await passwordHash(password);
    return transact(this.source, async (manager) => {
      await manager.query('LOCK TABLE people IN SHARE ROW EXCLUSIVE MODE');
      if (await manager.exists(Person)) throw notAllowed();
      const [known] = await manager.find(Firm, { take: 1 });
      const firm = await manager.save(manager.create(Firm, { ...known, name: firmName }));
      return manager.save(
        manager.create(Person, {
          firmId: firm.id,
          name,
          email: email.toLowerCase(),
          role: 'owner',
          passwordHash: passwordHashed,
        }),
      );
    });
  }

  async demoPerson(id: string): Promise<Person> {
    const person = await this.source.manager.findOneBy(Person, { id, firm: { isDemo: true } });
    if (!person) throw notFound('person of the demo');
    return person;
  }

  async session({ id, firmId }: SignedIn): Promise<SessionAnswer> {
    const [person, firm] = await Promise.all([
      this.source.manager.findOneByOrFail(Person, { id, firmId }),
      this.source.manager.findOneByOrFail(Firm, { id: firmId }),
    ]);
    return { person: personAnswer(person), firm: firmAnswer(firm) };
  }

  async setClock({ id, firmId }: SignedIn, clock: Clock): Promise<void> {
    await this.source.manager.update(Person, { id, firmId }, { clock });
  }

  async changeFirm(firmId: string, change: FirmChange): Promise<FirmAnswer> {
    if (Object.keys(change).length > 0)
      await this.source.manager.update(Firm, { id: firmId }, { ...change });
    return firmAnswer(await this.source.manager.findOneByOrFail(Firm, { id: firmId }));
  }

  /** Sets how the firm waters by the minute. */
  async setCustomary(firmId: string, { document }: CustomaryFields): Promise<FirmAnswer> {
    const customary = wholeDocument(document, readCustomary) as object;
    await this.source.manager.update(Firm, { id: firmId }, { customary });
    return firmAnswer(await this.source.manager.findOneByOrFail(Firm, { id: firmId }));
  }

  async list(firmId: string): Promise<PersonAnswer[]> {
    const rows = await this.source.manager.find(Person, {
      where: { firmId },
      order: { name: 'ASC', id: 'ASC' },
    });
    return rows.map(personAnswer);
  }

  async add(firmId: string, { password, ...fields }: PersonFields): Promise<PersonAnswer> {
    const row = this.source.manager.create(Person, {
      ...fields,
      email: fields.email.toLowerCase(),
      firmId,
      passwordHash: await passwordHash(password),
    });
    try {
      const { id } = await this.source.manager.save(row);
      return personAnswer(await this.source.manager.findOneByOrFail(Person, { id, firmId }));
    } catch (error) {
      if (isUniqueViolation(error))
        throw badInput([{ path: 'email', message: 'is taken: somebody signs in with it already' }]);
      throw error;
    }
  }
}

const isUniqueViolation = (error: unknown): boolean =>
  error instanceof QueryFailedError && fieldOf(error.driverError, 'code') === UNIQUE_VIOLATION;

const personAnswer = ({ id, name, email, role, clock }: Person): PersonAnswer => ({
  id,
  name,
  email,
  role,
  clock,
});

const firmAnswer = ({ id, name, phone, units, currency, customary }: Firm): FirmAnswer => ({
  id,
  name,
  phone,
  units,
  currency,
  customary: customary ?? new Customary(),
});
