import { createHash, randomBytes } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { LessThan, MoreThan, Repository } from 'typeorm';
import { signInRefused } from '../platform/problem.js';
import { KnownDevice, Person, Session } from '../schema/person.entity.js';
import { isPassword, passwordHash } from './passwords.js';
import { byAddress, byDevice, byEmail, SignInTries } from './sign-in-tries.js';
import type { SignedIn } from './signed-in.js';

export const SESSION_DAYS = 30;
export const DEVICE_DAYS = 365;
const DAY_MS = 86_400_000;

const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex');
const newToken = (): string => randomBytes(32).toString('base64url');

/** What a stranger's password is held against, so that an unknown e-mail takes as long as a known. */
const NOBODY = passwordHash(randomBytes(16).toString('hex'));

/** From where a sign-in comes. */
export interface SignInFrom {
  readonly address: string;
  /** What a browser is known by on which somebody signed in before. */
  readonly device: string | undefined;
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
    @InjectRepository(Person) private readonly people: Repository<Person>,
    @InjectRepository(Session) private readonly sessions: Repository<Session>,
    @InjectRepository(KnownDevice) private readonly devices: Repository<KnownDevice>,
    private readonly tries: SignInTries,
  ) {}

  /** Signs in by e-mail and password. */
  async signIn(typed: string, password: string, { address, device }: SignInFrom): Promise<Opened> {
    const email = typed.trim().toLowerCase();
    const known = device === undefined ? null : await this.knownDevice(device, email);
    const own = known ? byDevice(known.tokenHash) : byEmail(email);
    // Whoever shares an address with strangers, as all behind one proxy do, is not held up by them.
    const counted = await this.tries.admit(known ? [own] : [own, byAddress(address)]);
    const person = await this.people.findOneBy({ email });
    const isRight = await isPassword(person?.passwordHash ?? (await NOBODY), password).catch(
      async (error: unknown) => {
        await this.tries.takeBack(counted);
        throw error;
      },
    );
    if (!person || !isRight) throw signInRefused();
    await this.tries.takeBack(counted);
    await this.tries.forget(own);
    return { token: await this.open(person), device: await this.keepDevice(person, known) };
  }

  /** A new session of a person. */
  async open({ id, firmId }: Pick<Person, 'id' | 'firmId'>): Promise<string> {
    const token = newToken();
    const now = Date.now();
    await this.sessions.delete({ expiresAt: LessThan(new Date(now)) });
    await this.sessions.insert({
      tokenHash: hashOf(token),
      firmId,
      personId: id,
      expiresAt: new Date(now + SESSION_DAYS * DAY_MS),
    });
    return token;
  }

  async close(token: string): Promise<void> {
    await this.sessions.delete({ tokenHash: hashOf(token) });
  }

  /** Whose session a token opens; null for one that is unknown or has run out. */
  async personOf(token: string): Promise<SignedIn | null> {
    const session = await this.sessions.findOne({
      where: { tokenHash: hashOf(token), expiresAt: MoreThan(new Date()) },
      relations: { person: true },
    });
    if (!session) return null;
    const { id, firmId, name, role, clock } = session.person;
    return { id, firmId, name, role, clock };
  }

  /** A device on which somebody with this e-mail signed in before. */
  private knownDevice(device: string, email: string): Promise<KnownDevice | null> {
    return this.devices.findOneBy({ tokenHash: hashOf(device), person: { email } });
  }

  /** Knows a device again by a new mark: one that was read off somewhere opens nothing for long. */
  private async keepDevice({ id, firmId }: Person, before: KnownDevice | null): Promise<string> {
    const device = newToken();
    const old = new Date(Date.now() - DEVICE_DAYS * DAY_MS);
    await this.devices.delete({ seenAt: LessThan(old) });
    if (before) await this.devices.delete({ tokenHash: before.tokenHash });
    await this.devices.insert({ tokenHash: hashOf(device), firmId, personId: id });
    return device;
  }
}
