import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import pLimit from 'p-limit';
import { DataSource, type EntityManager } from 'typeorm';
import { tooManyTries } from '../platform/problem.js';
import { transact } from '../platform/transact.js';

/** By what tries are counted, and how many are free. */
export interface TryKey {
  readonly key: string;
  readonly free: number;
}

/** One person's, wherever they come from. */
export const byEmail = (email: string): TryKey => ({ key: `email ${email}`, free: 4 });
/** One person's on a device on which they signed in before: strangers cannot use these up. */
export const byDevice = (deviceHash: string): TryKey => ({ key: `device ${deviceHash}`, free: 4 });
/** Passwords and codes that are given by whoever is signed in already. */
export const byAccount = (id: string): TryKey => ({ key: `account ${id}`, free: 4 });
/** All that come from one address, be it a whole office. */
export const byAddress = (address: string): TryKey => ({ key: `address ${address}`, free: 30 });

const AT_ONCE = 2;
const COUNTED_SECONDS = 15 * 60;
const LONGEST_WAIT_SECONDS = 300;

interface Tried {
  readonly key: string;
  readonly count: string;
  /** Since the last. */
  readonly seconds: string;
}

/**
 * Tries to sign in, counted in the database and by its clock, before anything else is done: however many come at the
 * same moment, and to however many processes, no more get through than are free.
 */
@Injectable()
export class SignInTries {
  constructor(@InjectDataSource() private readonly source: DataSource) {}

  /** However many come at once, few connections wait for each other here: the others are for those who are in. */
  readonly #inTurn = pLimit(AT_ONCE);

  /** Counts a try, or refuses it; gives what it is forgotten by where it was no wrong password. */
  admit(keys: readonly TryKey[]): Promise<readonly string[]> {
    return this.#inTurn(() => this.#admit(keys));
  }

  #admit(keys: readonly TryKey[]): Promise<readonly string[]> {
    return transact(this.source, async (manager) => {
      // In one order, or two tries could wait for each other.
      for (const { key } of [...keys].sort((a, b) => (a.key < b.key ? -1 : 1)))
        await manager.query('SELECT pg_advisory_xact_lock(hashtextextended($1, 0))', [
          `sign-in ${key}`,
        ]);
      await forgetOld(manager);
      const wait = await waitOf(manager, keys);
      if (wait > 0) throw tooManyTries(wait);
      const rows: { id: string }[] = await manager.query(
        'INSERT INTO sign_in_tries (key) SELECT unnest($1::text[]) RETURNING id',
        [keys.map(({ key }) => key)],
      );
      return rows.map(({ id }) => id);
    });
  }

  /** Takes back a try that was none. */
  async takeBack(ids: readonly string[]): Promise<void> {
    await this.source.query('DELETE FROM sign_in_tries WHERE id = ANY($1::bigint[])', [ids]);
  }

  /** Forgets all tries of a key. */
  async forget({ key }: TryKey): Promise<void> {
    await this.source.query('DELETE FROM sign_in_tries WHERE key = $1', [key]);
  }
}

const forgetOld = (manager: EntityManager): Promise<unknown> =>
  manager.query(
    `DELETE FROM sign_in_tries WHERE tried_at < clock_timestamp() - make_interval(secs => $1)`,
    [COUNTED_SECONDS],
  );

/** After some tries each further one must wait twice as long, whoever makes it: the seconds that are left. */
async function waitOf(manager: EntityManager, keys: readonly TryKey[]): Promise<number> {
  const tried: Tried[] = await manager.query(
    `SELECT key, count(*), extract(epoch FROM clock_timestamp() - max(tried_at)) AS seconds
     FROM sign_in_tries WHERE key = ANY($1::text[]) GROUP BY key`,
    [keys.map(({ key }) => key)],
  );
  const waits = tried.map(({ key, count, seconds }) => {
    const over = Number(count) - keys.find((one) => one.key === key)!.free;
    return over < 0 ? 0 : Math.min(LONGEST_WAIT_SECONDS, 2 ** (over + 1)) - Number(seconds);
  });
  return Math.ceil(Math.max(0, ...waits));
}
