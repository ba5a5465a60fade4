import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { MoreThan, Not, type DataSource, type EntityManager } from 'typeorm';
import { codeRefused, notFound, signInRefused } from '../platform/problem.js';
import { transact } from '../platform/transact.js';
import { Account, RecoveryCode } from '../schema/account.entity.js';
import { AccountLink, Person, Session, type LinkKind } from '../schema/person.entity.js';
import { NewPasswords } from './new-passwords.js';
import { isPassword } from './passwords.js';
import type { LinkHeld, LinkUse } from './account.dto.js';
import { SecondFactors } from './second-factors.js';
import { byAccount, byEmail, SignInTries } from './sign-in-tries.js';
import { newToken, tokenHash } from './tokens.js';

const DAY_MS = 86_400_000;
const DAYS: Record<LinkKind, number> = { invite: 7, reset: 1 };

/** A link as it is told, once. */
export interface NewLink {
  readonly token: string;
  readonly expiresAt: Date;
}

/** A new link for a person, inside the transaction of `manager`; those before it lead nowhere from now on. */
export async function newLink(
  manager: EntityManager,
  { firmId, id: personId }: Pick<Person, 'firmId' | 'id'>,
  kind: LinkKind,
): Promise<NewLink> {
  const token = newToken();
  const expiresAt = new Date(Date.now() + DAYS[kind] * DAY_MS);
  await manager.delete(AccountLink, { firmId, personId });
  await manager.insert(AccountLink, {
    ...{ tokenHash: tokenHash(token), firmId, personId, kind, expiresAt },
  });
  return { token, expiresAt };
}

/** Links by which somebody joins a firm, or chooses a new password. */
@Injectable()
export class AccountLinks {
  constructor(
    @InjectDataSource() private readonly source: DataSource,
    private readonly passwords: NewPasswords,
    private readonly tries: SignInTries,
    private readonly secondFactors: SecondFactors,
  ) {}

  /** For whoever holds the link: what it is for. */
  async held(token: string): Promise<LinkHeld> {
    const { kind, person } = await this.find(this.source.manager, token);
    return {
      kind,
      firm: person.firm.name,
      name: person.name,
      email: person.account!.email,
      hasPassword: kind === 'invite' && person.account!.passwordHash !== null,
      wantsCode: kind === 'reset' && person.account!.totpSince !== null,
    };
  }

  /** Uses a link up. Gives who may be signed in now; null where they are to sign in as they always do. */
  async use(token: string, { password, code }: LinkUse, address: string): Promise<Person | null> {
    const { kind, person } = await this.find(this.source.manager, token);
    const { account, firm, name } = person;
    const { email, passwordHash: known } = account!;
    if (kind === 'invite' && known !== null) {
      await this.checkKnown(email, password, known);
      await this.spend(token, (manager) => join(manager, person));
      return null;
    }
    const hashed = await this.passwords.hashOf(password, [email, name, firm.name], address);
    // Who holds a link is known by it no better than by a password.
    if (kind === 'reset') await this.checkCode(account!, code);
    await this.spend(token, async (manager) => {
      await refuseOfOthers(manager, kind, person);
      await setPassword(manager, account!.id, hashed);
      if (kind === 'invite') await join(manager, person);
    });
    return person;
  }

  private async checkKnown(email: string, password: string, known: string): Promise<void> {
    const counted = await this.tries.admit([byEmail(email)]);
    if (!(await isPassword(known, password))) throw signInRefused();
    await this.tries.takeBack(counted);
  }

  private async checkCode(account: Account, code: string | undefined): Promise<void> {
    if (account.totpSince === null) return;
    if (!code) throw codeRefused('is wanted too');
    const counted = await this.tries.admit([byAccount(account.id)]);
    if (!(await this.secondFactors.takes(account, code)))
      throw codeRefused('is not right, or was used before');
    await this.tries.takeBack(counted);
  }

  private async find(manager: EntityManager, token: string): Promise<AccountLink> {
    const link = await manager.findOne(AccountLink, {
      where: { tokenHash: tokenHash(token), expiresAt: MoreThan(new Date()) },
      relations: { person: { account: true, firm: true } },
    });
    const isOpen = link?.person.account && !link.person.disabledAt && !link.person.removedAt;
    if (!link || !isOpen) throw notFound('link: ask for a new one');
    return link;
  }

  /** Whoever comes second finds it gone. */
  private spend(token: string, work: (manager: EntityManager) => Promise<void>): Promise<void> {
    return transact(this.source, async (manager) => {
      const { affected } = await manager.delete(AccountLink, { tokenHash: tokenHash(token) });
      if (!affected) throw notFound('link: ask for a new one');
      await work(manager);
    });
  }
}

/**
 * What was so when the link was given out, or when it was looked at, may be otherwise by now: a reset is for who works
 * for this firm alone, a first password for an account that has none.
 */
async function refuseOfOthers(
  manager: EntityManager,
  kind: LinkKind,
  { accountId, firmId }: Person,
): Promise<void> {
  const account = await manager.findOneOrFail(Account, {
    where: { id: accountId! },
    lock: { mode: 'pessimistic_write' },
  });
  const isOfOthers =
    kind === 'reset'
      ? await manager.existsBy(Person, { accountId: account.id, firmId: Not(firmId) })
      : account.passwordHash !== null;
  if (isOfOthers) throw notFound('link: ask for a new one');
}

const join = async (manager: EntityManager, { id, firmId }: Person): Promise<void> => {
  await manager.update(Person, { id, firmId }, { joinedAt: () => 'now()' });
};

/** Sets a password, and ends all sessions that were opened by the one before; `except` stays. */
export async function setPassword(
  manager: EntityManager,
  accountId: string,
  hashed: string,
  except: string | null = null,
): Promise<void> {
  await manager.update(Account, { id: accountId }, { passwordHash: hashed });
  await manager
    .createQueryBuilder()
    .delete()
    .from(Session)
    .where('person_id IN (SELECT id FROM people WHERE account_id = :accountId)', { accountId })
    .andWhere('id IS DISTINCT FROM :except', { except })
    .execute();
}

export async function forgetSecondFactor(manager: EntityManager, accountId: string): Promise<void> {
  const none = { totpSecret: null, totpSince: null, totpLastStep: null };
  await manager.update(Account, { id: accountId }, none);
  await manager.delete(RecoveryCode, { accountId });
}
