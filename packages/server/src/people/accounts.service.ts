import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import type { DataSource } from 'typeorm';
import { badInput, notFound } from '../platform/problem.js';
import { transact } from '../platform/transact.js';
import { Account, RecoveryCode } from '../schema/account.entity.js';
import { Session } from '../schema/person.entity.js';
import { forgetSecondFactor, setPassword } from './account-links.js';
import type { AccountAnswer, PasswordChange } from './account.dto.js';
import { Mailer } from './mailer.js';
import { NewPasswords } from './new-passwords.js';
import { isPassword } from './passwords.js';
import { byAccount, SignInTries } from './sign-in-tries.js';
import type { SignedIn } from './signed-in.js';

/** What somebody does with their own account. */
@Injectable()
export class AccountsService {
  constructor(
    @InjectDataSource() private readonly source: DataSource,
    private readonly passwords: NewPasswords,
    private readonly tries: SignInTries,
    private readonly mailer: Mailer,
  ) {}

  async of({ accountId, sessionId }: SignedIn): Promise<AccountAnswer> {
    const { manager } = this.source;
    const [account, sessions, recoveryCodes] = await Promise.all([
      manager.findOneByOrFail(Account, { id: accountId }),
      manager.find(Session, {
        where: { person: { accountId } },
        relations: { person: { firm: true } },
        order: { seenAt: 'DESC', id: 'ASC' },
      }),
      manager.countBy(RecoveryCode, { accountId }),
    ]);
    return {
      email: account.email,
      hasPassword: account.passwordHash !== null,
      hasSecondFactor: account.totpSince !== null,
      recoveryCodes,
      sessions: sessions.map(({ id, openedAt, seenAt, agent, person }) => ({
        ...{ id, agent, firm: person.firm.name, isThis: id === sessionId },
        openedAt: openedAt.toISOString(),
        seenAt: seenAt.toISOString(),
      })),
    };
  }

  /** A new password for the one that is known; all other sessions end. */
  async changePassword(
    person: SignedIn,
    { current = '', password }: PasswordChange,
    address: string,
  ): Promise<void> {
    const account = await this.checked(person, current, 'current');
    const hashed = await this.passwords.hashOf(password, [account.email, person.name], address);
    await transact(this.source, (manager) =>
      setPassword(manager, account.id, hashed, person.sessionId),
    );
    await this.tell(person, account, 'Your password was changed', 'All your other sessions ended.');
  }

  /** Takes the authenticator out; whoever does must know the password. */
  async removeSecondFactor(person: SignedIn, password: string): Promise<void> {
    const account = await this.checked(person, password, 'password');
    await transact(this.source, (manager) => forgetSecondFactor(manager, account.id));
    await this.tell(
      person,
      account,
      'Your authenticator was removed',
      'The password alone signs you in now.',
    );
  }

  /**
   * That it is the person themselves who asks, and not whoever found their device open.
   *
   * @throws ProblemException 422 at `password`
   */
  async confirm(person: SignedIn, password: string): Promise<void> {
    await this.checked(person, password, 'password');
  }

  /** Ends a session of one's own. */
  async endSession({ accountId }: SignedIn, id: string): Promise<void> {
    const own = await this.source.manager.findOneBy(Session, { id, person: { accountId } });
    if (!own) throw notFound('session');
    await this.source.manager.delete(Session, { tokenHash: own.tokenHash });
  }

  /** Ends all of them but the one that this is asked in. */
  async endOtherSessions({ accountId, sessionId }: SignedIn): Promise<void> {
    await this.source.query(
      `DELETE FROM sessions WHERE id <> $2
         AND person_id IN (SELECT id FROM people WHERE account_id = $1)`,
      [accountId, sessionId],
    );
  }

  /** The account of whoever gives its password, which is not asked for where there is none. */
  private async checked({ accountId }: SignedIn, password: string, path: string): Promise<Account> {
    const account = await this.source.manager.findOneByOrFail(Account, { id: accountId });
    if (account.passwordHash === null) return account;
    const counted = await this.tries.admit([byAccount(accountId)]);
    if (!(await isPassword(account.passwordHash, password)))
      throw badInput([{ path, message: 'is not your password' }]);
    await this.tries.takeBack(counted);
    return account;
  }

  private tell(
    { firmId }: SignedIn,
    { email }: Account,
    subject: string,
    what: string,
  ): Promise<void> {
    const text = `${what} If it was not you, ask the owner of your firm for a reset.`;
    return this.mailer.send({ firmId, to: email, subject, text });
  }
}
