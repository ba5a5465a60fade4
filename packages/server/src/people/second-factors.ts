import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import type { DataSource } from 'typeorm';
import { badInput } from '../platform/problem.js';
import { transact } from '../platform/transact.js';
import { Account, RecoveryCode } from '../schema/account.entity.js';
import type { RecoveryCodesAnswer, SecretAnswer } from './account.dto.js';
import { newRecoveryCodes, newSecret, recoveryHash, secretLink, stepOf } from './second-factor.js';

/** Authenticators of accounts: set up in two steps, so that nobody locks themselves out by a slip. */
@Injectable()
export class SecondFactors {
  constructor(@InjectDataSource() private readonly source: DataSource) {}

  /** A new secret, which asks for nothing until a code of it was given. */
  async begin(accountId: string): Promise<SecretAnswer> {
    const secret = newSecret();
    const account = await this.source.manager.findOneByOrFail(Account, { id: accountId });
    if (account.totpSince !== null)
      throw badInput([
        { path: '$', message: 'there is an authenticator already: remove it first' },
      ]);
    await this.source.manager.update(Account, { id: accountId }, { totpSecret: secret });
    return { secret, link: secretLink(secret, account.email) };
  }

  /** From now on codes are asked for; gives what opens without the authenticator, each once. */
  confirm(accountId: string, code: string): Promise<RecoveryCodesAnswer> {
    return transact(this.source, async (manager) => {
      const account = await manager.findOneOrFail(Account, {
        where: { id: accountId },
        lock: { mode: 'pessimistic_write' },
      });
      const step = account.totpSecret && stepOf(account.totpSecret, code, Date.now());
      if (account.totpSince !== null || typeof step !== 'number')
        throw badInput([{ path: 'code', message: 'is not what the authenticator shows now' }]);
      await manager.update(
        Account,
        { id: accountId },
        { totpSince: () => 'now()', totpLastStep: String(step) },
      );
      const codes = newRecoveryCodes();
      await manager.delete(RecoveryCode, { accountId });
      await manager.insert(
        RecoveryCode,
        codes.map((one) => ({ accountId, codeHash: recoveryHash(one) })),
      );
      return { codes };
    });
  }

  /** Whether a code opens; it is used up then, an authenticator's as well as a recovery code. */
  async takes({ id, totpSecret }: Account, typed: string): Promise<boolean> {
    const code = typed.replace(/\s/g, '');
    const step = totpSecret === null ? null : stepOf(totpSecret, code, Date.now());
    if (step !== null) {
      const [, taken] = await this.source.query<[unknown, number]>(
        `UPDATE accounts SET totp_last_step = $2
         WHERE id = $1 AND coalesce(totp_last_step, -1) < $2`,
        [id, step],
      );
      return taken === 1;
    }
    const { affected } = await this.source.manager.delete(RecoveryCode, {
      ...{ accountId: id, codeHash: recoveryHash(code) },
    });
    return affected === 1;
  }
}
