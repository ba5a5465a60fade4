import { createHash, timingSafeEqual } from 'node:crypto';
import { Inject, Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { readSpans, Spans } from '@water-clock/core/dues';
import { CoilLimits, readCoilLimits } from '@water-clock/core/visits';
import { Customary, readCustomary } from '@water-clock/core/needs';
import { DataSource, IsNull } from 'typeorm';
import { Account } from '../schema/account.entity.js';
import { Firm } from '../schema/firm.entity.js';
import { wholeDocument } from '../platform/documents.js';
import { badInput, notAllowed, notFound } from '../platform/problem.js';
import { transact } from '../platform/transact.js';
import {
  CoilLimitsFields,
  CustomaryFields,
  SpansFields,
  FirmAnswer,
  FirmChange,
  SessionAnswer,
  SetupFields,
  WelcomeAnswer,
} from './person.dto.js';
import { Person, type Clock } from '../schema/person.entity.js';
import { personAnswer } from './members.js';
import { NewPasswords } from './new-passwords.js';
import { SessionsService } from './sessions.service.js';
import { byAddress, SignInTries, type TryKey } from './sign-in-tries.js';
import type { SignedIn } from './signed-in.js';

/** What the first owner must know; null: nobody sets anything up here. */
export const SETUP_CODE = Symbol('set-up code');

const SETUP_TRIES: TryKey = { key: 'set-up', free: 10 };

/** Takes as long whatever is wrong with it. */
function isSameSecret(typed: string, secret: string | null): boolean {
  const bytes = (text: string) => createHash('sha256').update(text.trim()).digest();
  return secret !== null && timingSafeEqual(bytes(typed), bytes(secret));
}

@Injectable()
export class PeopleService {
  constructor(
    @InjectDataSource() private readonly source: DataSource,
    private readonly sessions: SessionsService,
    private readonly passwords: NewPasswords,
    private readonly tries: SignInTries,
    @Inject(SETUP_CODE) private readonly setupCode: string | null,
  ) {}

  async welcome(): Promise<WelcomeAnswer> {
    const people = await this.source.manager.find(Person, {
      where: { firm: { isDemo: true }, disabledAt: IsNull(), removedAt: IsNull() },
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

  /** The first firm and its owner, by the code of the installation; refused where there is anybody already. */
  async setUp(
    { firm: firmName, name, email, password, code }: SetupFields,
    address: string,
  ): Promise<Person> {
    // Before the work of a hash, and again once nobody else can be writing.
    if (await this.source.manager.exists(Person)) throw notAllowed();
    const counted = await this.tries.admit([byAddress(address), SETUP_TRIES]);
    if (!isSameSecret(code, this.setupCode))
      throw badInput([
        { path: 'code', message: 'is not the code that was printed where Water Clock was started' },
      ]);
    await this.tries.takeBack(counted);
    const own = [firmName, name, email];
    const passwordHashed = await this.passwords.hashOf(password, own, address);
    return transact(this.source, async (manager) => {
      await manager.query('LOCK TABLE people IN SHARE ROW EXCLUSIVE MODE');
      if (await manager.exists(Person)) throw notAllowed();
      const [known] = await manager.find(Firm, { take: 1 });
      const firm = await manager.save(manager.create(Firm, { ...known, name: firmName }));
      const account = await manager.save(
        manager.create(Account, { email: email.toLowerCase(), passwordHash: passwordHashed }),
      );
      const owner = { firmId: firm.id, name, accountId: account.id, role: 'owner' as const };
      return manager.save(manager.create(Person, { ...owner, joinedAt: new Date() }));
    });
  }

  async demoPerson(id: string): Promise<Person> {
    const person = await this.source.manager.findOneBy(Person, {
      ...{ id, disabledAt: IsNull(), removedAt: IsNull() },
      firm: { isDemo: true },
    });
    if (!person) throw notFound('person of the demo');
    return person;
  }

  async session({ id, firmId, accountId, lacksSecondFactor }: SignedIn): Promise<SessionAnswer> {
    const [person, memberships] = await Promise.all([
      this.source.manager.findOneOrFail(Person, {
        where: { id, firmId },
        relations: { account: true, firm: true },
      }),
      this.sessions.membershipsOf(accountId),
    ]);
    const firms = memberships
      .map((one) => ({ personId: one.id, firm: one.firm.name }))
      .sort((a, b) => (a.firm < b.firm ? -1 : 1));
    return {
      person: personAnswer(person),
      firm: firmAnswer(person.firm),
      firms,
      lacksSecondFactor,
    };
  }

  async setClock({ id, firmId }: SignedIn, clock: Clock): Promise<void> {
    await this.source.manager.update(Person, { id, firmId }, { clock });
  }

  async changeFirm(firmId: string, change: FirmChange): Promise<FirmAnswer> {
    if (Object.keys(change).length > 0)
      await transact(this.source, (manager) => manager.update(Firm, { id: firmId }, { ...change }));
    return firmAnswer(await this.source.manager.findOneByOrFail(Firm, { id: firmId }));
  }

  /** Sets how the firm waters by the minute. */
  async setCustomary(firmId: string, { document }: CustomaryFields): Promise<FirmAnswer> {
    const customary = wholeDocument(document, readCustomary) as object;
    await transact(this.source, (manager) => manager.update(Firm, { id: firmId }, { customary }));
    return firmAnswer(await this.source.manager.findOneByOrFail(Firm, { id: firmId }));
  }

  /** Sets by which limits readings of coils are judged. */
  async setCoilLimits(firmId: string, { document }: CoilLimitsFields): Promise<FirmAnswer> {
    const coilLimits = wholeDocument(document, readCoilLimits) as object;
    await transact(this.source, (manager) => manager.update(Firm, { id: firmId }, { coilLimits }));
    return firmAnswer(await this.source.manager.findOneByOrFail(Firm, { id: firmId }));
  }

  /** Sets after how many months things fall due again. */
  async setSpans(firmId: string, { document }: SpansFields): Promise<FirmAnswer> {
    const spans = wholeDocument(document, readSpans) as object;
    await transact(this.source, (manager) => manager.update(Firm, { id: firmId }, { spans }));
    return firmAnswer(await this.source.manager.findOneByOrFail(Firm, { id: firmId }));
  }
}

const firmAnswer = ({ customary, spans, coilLimits, ...firm }: Firm): FirmAnswer => ({
  id: firm.id,
  name: firm.name,
  phone: firm.phone,
  units: firm.units,
  currency: firm.currency,
  wantsSecondFactor: firm.wantsSecondFactor,
  isDemo: firm.isDemo,
  customary: customary ?? new Customary(),
  spans: spans ?? new Spans(),
  coilLimits: coilLimits ?? new CoilLimits(),
});
