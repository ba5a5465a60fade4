import { mkdir, readdir, readFile, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { randomUUID } from 'node:crypto';
import { Inject, Injectable } from '@nestjs/common';
import { fieldOf } from '@water-clock/core/kernel';

/** The folder that mail is written to; null: there is none, and it is written nowhere. */
export const MAIL_FOLDER = Symbol('mail folder');

export interface Mail {
  readonly firmId: string;
  readonly to: string;
  readonly subject: string;
  readonly text: string;
}

export interface WrittenMail extends Mail {
  readonly writtenAt: string;
}

const MOST_LISTED = 50;

/** Stands in for the post: each mail becomes a file of a folder, to be sent by whoever runs the installation. */
@Injectable()
export class Mailer {
  constructor(@Inject(MAIL_FOLDER) private readonly folder: string | null) {}

  async send(mail: Mail): Promise<void> {
    if (this.folder === null) return;
    const writtenAt = new Date().toISOString();
    const name = `${writtenAt.replace(/[:.]/g, '-')}-${randomUUID()}.json`;
    const written: WrittenMail = { ...mail, writtenAt };
    await mkdir(this.folder, { recursive: true, mode: 0o700 });
    await writeFile(join(this.folder, name), JSON.stringify(written, null, 2), { mode: 0o600 });
  }

  /** What was written for a firm, the newest first. */
  async written(firmId: string): Promise<WrittenMail[]> {
    const { folder } = this;
    if (folder === null) return [];
    const names = await readdir(folder).catch(() => []);
    const mails = await Promise.all(
      names
        .filter((name) => name.endsWith('.json'))
        .sort()
        .reverse()
        .slice(0, MOST_LISTED)
        .map(async (name) => readFile(join(folder, name), 'utf8')),
    );
    return mails.map(mailIn).filter((mail) => mail.firmId === firmId);
  }
}

function mailIn(text: string): WrittenMail {
  const read: unknown = JSON.parse(text);
  const field = (name: keyof WrittenMail) => String(fieldOf(read, name));
  return {
    firmId: field('firmId'),
    to: field('to'),
    subject: field('subject'),
    text: field('text'),
    writtenAt: field('writtenAt'),
  };
}
