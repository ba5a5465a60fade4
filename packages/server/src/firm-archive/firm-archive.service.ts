import { randomUUID } from 'node:crypto';
import { createReadStream, type ReadStream } from 'node:fs';
import { rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import pLimit from 'p-limit';
import type { DataSource } from 'typeorm';
import { tooBusy } from '../platform/problem.js';
import { writeArchive } from './write-archive.js';

const RETRY_SECONDS = 30;
const MOST_WAITING = 20;

/** All of a firm as one file. */
@Injectable()
export class FirmArchiveService {
  /** One after the other: each takes a connection, and reads all of a firm. */
  readonly #inTurn = pLimit(1);

  constructor(@InjectDataSource() private readonly source: DataSource) {}

  /**
   * Written to the end before it is sent: a reader who takes their time would hold a transaction open.
   *
   * @throws ProblemException 503 where too many wait for theirs already
   */
  async archive(firmId: string): Promise<ReadStream> {
    if (this.#inTurn.pendingCount >= MOST_WAITING) throw tooBusy(RETRY_SECONDS);
    const file = join(tmpdir(), `water-clock-firm-${randomUUID()}`);
    try {
      await this.#inTurn(() => writeArchive(this.source, firmId, file));
    } catch (error) {
      await rm(file, { force: true });
      throw error;
    }
    const stream = createReadStream(file);
    // What is open is read to its end all the same.
    stream.once('open', () => void rm(file, { force: true }));
    return stream;
  }
}
