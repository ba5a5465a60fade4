import { createHash, randomBytes } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { hash, verify } from 'argon2';
import { LessThan, MoreThan, Repository } from 'typeorm';
import { ProblemException, signInRefused } from '../platform/problem.js';
import { Person, Session, SignInFailure } from '../schema/person.entity.js';
import type { SignedIn } from './signed-in.js';

export const SESSION_DAYS = 30;
const DAY_MS = 86_400_000;

const FREE_FAILURES = 4;
const FAILURES_COUNT_MS = 15 * 60_000;
const LONGEST_WAIT_SECONDS = 300;

const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex');

/** What a stranger's password is held against, so that an unknown e-mail takes as long as a known. */
const NOBODY = hash(randomBytes(16).toString('hex'));

@Injectable()
export class SessionsService {
  constructor(
    @InjectRepository(Person) private readonly people: Repository<Person>,
    @InjectRepository(Session) private readonly sessions: Repository<Session>,
    @InjectRepository(SignInFailure) private readonly failures: Repository<SignInFailure>,
  ) {}

  /** Signs in by e-mail and password; gives the token of the new session. */
  async signIn(typed: string, password: string): Promise<string> {
    const email = typed.trim().toLowerCase();
    await this.refuseWhileSlowed(email);
    const person = await this.people.findOneBy({ email });
    const isRight = await verify(person?.passwordHash ?? (await NOBODY), password);
    if (!person || !isRight) {
      await this.failures.insert({ email });
      throw signInRefused();
    }
    await this.failures.delete({ email });
    return this.open(person);
  }

  /** A new session of a person. */
  async open({ id, firmId }: Pick<Person, 'id' | 'firmId'>): Promise<string> {
    const token = randomBytes(32).toString('base64url');
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

  /** After some failures each further try must wait twice as long, whoever makes it. */
  private async refuseWhileSlowed(email: string): Promise<void> {
    const since = new Date(Date.now() - FAILURES_COUNT_MS);
    await this.failures.delete({ failedAt: LessThan(since) });
    const failed = await this.failures.find({ where: { email }, order: { failedAt: 'DESC' } });
    if (failed.length < FREE_FAILURES) return;
    const waitSeconds = Math.min(LONGEST_WAIT_SECONDS, 2 ** (failed.length - FREE_FAILURES + 1));
    const left = failed[0]!.failedAt.getTime() + waitSeconds * 1000 - Date.now();
    if (left > 0)
      throw new ProblemException(
        429,
        'Too many tries',
        `Too many wrong passwords for this e-mail. Try again in ${Math.ceil(left / 1000)} s.`,
      );
  }
}
