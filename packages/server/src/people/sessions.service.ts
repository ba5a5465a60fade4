import { randomBytes } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { IsNull, LessThan, Not, Repository } from 'typeorm';
import { codeRefused, notFound, signInRefused } from '../platform/problem.js';
import { Account } from '../schema/account.entity.js';
import { KnownDevice, Person, Session } from '../schema/person.entity.js';
import { isPassword, passwordHash } from './passwords.js';
import type { SignInFields } from './person.dto.js';
import { SecondFactors } from './second-factors.js';
import { byAddress, byDevice, byEmail, SignInTries } from './sign-in-tries.js';
import type { SignedIn } from './signed-in.js';
import { newToken, tokenHash } from './tokens.js';

export const SESSION_DAYS = 30;
export const DEVICE_DAYS = 365;
/** Left alone for as long, a session is over. */
const IDLE_DAYS = 14;
const SEEN_EVERY_HOURS = 1;
const LONGEST_AGENT = 200;
const DAY_MS = 86_400_000;

/** What a stranger's password is held against, so that an unknown e-mail takes as long as a known. */
const NOBODY = passwordHash(randomBytes(16).toString('hex'));

/** From where a sign-in comes. */
export interface SignInFrom {
  readonly address: string;
  /** What a browser is known by on which somebody signed in before. */
  readonly device: string | undefined;
  /** What the browser says that it is. */
  readonly agent: string;
}

/** What a browser is given that has signed in. */
export interface Opened {
  /** Of the new session. */
  readonly token: string;
  /** By which it is known the next time. */
  readonly device: string;
}

@Injectable()
export class SessionsService {
  constructor(
    @InjectRepository(Account) private readonly accounts: Repository<Account>,
    @InjectRepository(Person) private readonly people: Repository<Person>,
    @InjectRepository(Session) private readonly sessions: Repository<Session>,
    @InjectRepository(KnownDevice) private readonly devices: Repository<KnownDevice>,
    private readonly tries: SignInTries,
    private readonly secondFactor: SecondFactors,
  ) {}

  /** Signs in by e-mail and password, and by a code where the account has an authenticator. */
  async signIn(
    { email: typed, password, code }: SignInFields,
    { address, device, agent }: SignInFrom,
  ): Promise<Opened> {
    const email = typed.trim().toLowerCase();
    const known = device === undefined ? null : await this.knownDevice(device, email);
    const own = known ? byDevice(known.tokenHash) : byEmail(email);
    // Whoever shares an address with strangers, as all behind one proxy do, is not held up by them.
    const counted = await this.tries.admit(known ? [own] : [own, byAddress(address)]);
    const takeBack = () => this.tries.takeBack(counted);
    const account = await this.accounts.findOneBy({ email });
    const isRight = await isPassword(account?.passwordHash ?? (await NOBODY), password).catch(
      async (error: unknown) => {
        await takeBack();
        throw error;
      },
    );
    const [person] = account && isRight ? await this.membershipsOf(account.id) : [];
    if (!account || !person) throw signInRefused();
    if (account.totpSince !== null) {
      if (!code) {
        await takeBack();
        throw codeRefused('is wanted too');
      }
      if (!(await this.secondFactor.takes(account, code)))
        throw codeRefused('is not right, or was used before');
    }
    await takeBack();
    await this.tries.forget(own);
    return {
      token: await this.open(person, agent),
      device: await this.keepDevice(account.id, known),
    };
  }

  /** Who somebody is in the firms that they may work for; where they were last comes first. */
  membershipsOf(accountId: string): Promise<Person[]> {
    return this.people
      .createQueryBuilder('person')
      .innerJoinAndSelect('person.firm', 'firm')
      .where({ accountId, joinedAt: Not(IsNull()), disabledAt: IsNull(), removedAt: IsNull() })
      .orderBy(
        '(SELECT max(seen_at) FROM sessions s WHERE s.person_id = person.id)',
        'DESC',
        'NULLS LAST',
      )
      .addOrderBy('person.createdAt')
      .addOrderBy('person.id')
      .getMany();
  }

  /** A new session of a person. */
  async open({ id, firmId }: Pick<Person, 'id' | 'firmId'>, agent = ''): Promise<string> {
    const token = newToken();
    const now = Date.now();
    await this.sessions.delete([
      { expiresAt: LessThan(new Date(now)) },
      { seenAt: LessThan(new Date(now - IDLE_DAYS * DAY_MS)) },
    ]);
    await this.sessions.insert({
      ...{ tokenHash: tokenHash(token), firmId, personId: id },
      agent: agent.slice(0, LONGEST_AGENT),
      expiresAt: new Date(now + SESSION_DAYS * DAY_MS),
    });
    return token;
  }

  /** Ends a session, and opens one as who the account is in another firm. */
  async changeOver(person: SignedIn, personId: string, agent: string): Promise<string> {
    const other = (await this.membershipsOf(person.accountId)).find(({ id }) => id === personId);
    if (!other) throw notFound('person');
    await this.sessions.delete({ id: person.sessionId });
    return this.open(other, agent);
  }

  async close(token: string): Promise<void> {
    await this.sessions.delete({ tokenHash: tokenHash(token) });
  }

  /** Whose session a token opens; null for one that is unknown, has run out, or was left alone for too long. */
  async personOf(token: string): Promise<SignedIn | null> {
    const hash = tokenHash(token);
    // Every request asks this: what the framework makes of it was much of what a small one took.
    const [row] = await this.sessions.query<(SignedIn & { isToBeSeen: boolean })[]>(
      `SELECT person.id, person.firm_id AS "firmId", person.name, person.role, person.clock,
        person.account_id AS "accountId", session.id AS "sessionId",
        firm.wants_second_factor AND account.totp_since IS NULL AS "lacksSecondFactor",
        session.seen_at < now() - make_interval(hours => $2) AS "isToBeSeen"
      FROM sessions session
      JOIN people person ON person.id = session.person_id AND person.firm_id = session.firm_id
      JOIN firms firm ON firm.id = person.firm_id
      JOIN accounts account ON account.id = person.account_id
      WHERE session.token_hash = $1 AND session.expires_at > now()
        AND session.seen_at > now() - make_interval(days => $3)
        AND person.disabled_at IS NULL AND person.removed_at IS NULL`,
      [hash, SEEN_EVERY_HOURS, IDLE_DAYS],
    );
    if (!row) return null;
    const { isToBeSeen, ...person } = row;
    if (isToBeSeen) await this.sessions.update({ tokenHash: hash }, { seenAt: () => 'now()' });
    return person;
  }

  /** A device on which somebody with this e-mail signed in before. */
  private knownDevice(device: string, email: string): Promise<KnownDevice | null> {
    return this.devices.findOneBy({ tokenHash: tokenHash(device), account: { email } });
  }

  /** Knows a device again by a new mark: one that was read off somewhere opens nothing for long. */
  private async keepDevice(accountId: string, before: KnownDevice | null): Promise<string> {
    const device = newToken();
    const old = new Date(Date.now() - DEVICE_DAYS * DAY_MS);
    await this.devices.delete({ seenAt: LessThan(old) });
    if (before) await this.devices.delete({ tokenHash: before.tokenHash });
    await this.devices.insert({ tokenHash: tokenHash(device), accountId });
    return device;
  }
}
