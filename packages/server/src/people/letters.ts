import { Inject, Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import type { DataSource } from 'typeorm';
import { notFound } from '../platform/problem.js';
import { Firm } from '../schema/firm.entity.js';
import type { LinkKind, Person } from '../schema/person.entity.js';
import type { WrittenMailAnswer } from './account.dto.js';
import { Mailer } from './mailer.js';
import { personAnswer, type Invited } from './members.js';
import type { AccountLinkAnswer } from './person.dto.js';
import type { SignedIn } from './signed-in.js';

/** Where people reach the application, without a slash at its end. */
export const PUBLIC_URL = Symbol('public URL');

const WORDS: Record<LinkKind, { readonly subject: string; readonly what: string }> = {
  invite: { subject: 'You are invited to Water Clock', what: 'Join here, within seven days' },
  reset: { subject: 'A new password for Water Clock', what: 'Choose it here, within a day' },
};

/** Mail that goes with what an owner does for somebody. */
@Injectable()
export class Letters {
  constructor(
    @InjectDataSource() private readonly source: DataSource,
    private readonly mailer: Mailer,
    @Inject(PUBLIC_URL) private readonly publicUrl: string,
  ) {}

  /** Sends a link, and gives what the owner is told of it. */
  async written(given: Invited & { kind: LinkKind; by: SignedIn }): Promise<AccountLinkAnswer> {
    const { person, link, kind, by } = given;
    const { subject, what } = WORDS[kind];
    await this.mailer.send({
      firmId: by.firmId,
      to: person.account!.email,
      subject,
      text: `${by.name} of ${person.firm.name} sends you this. ${what}: ${this.publicUrl}/join/${link.token}`,
    });
    const expiresAt = link.expiresAt.toISOString();
    return { person: personAnswer(person), kind, token: link.token, expiresAt };
  }

  /** Tells somebody that an owner took their authenticator out. */
  tellTakenOut({ account, firm }: Person, by: SignedIn): Promise<void> {
    return this.mailer.send({
      firmId: by.firmId,
      to: account!.email,
      subject: 'Your authenticator was removed',
      text: `${by.name} of ${firm.name} removed it. You sign in by your password alone: set one up anew.`,
    });
  }

  /** What the demo wrote; elsewhere it was sent, and is nobody else's. */
  async ofDemo(firmId: string): Promise<WrittenMailAnswer[]> {
    if (!(await this.source.manager.existsBy(Firm, { id: firmId, isDemo: true })))
      throw notFound('page outside the demo');
    const mails = await this.mailer.written(firmId);
    return mails.map(({ to, subject, text, writtenAt }) => ({ to, subject, text, writtenAt }));
  }
}
