import { randomUUID } from 'node:crypto';
import { createReadStream, type ReadStream } from 'node:fs';
import { rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import type { DataSource } from 'typeorm';
import { tooBusy } from '../platform/problem.js';
import { writeArchive } from './write-archive.js';

const RETRY_SECONDS = 30;

/** All of a firm as one file. */
@Injectable()
export class FirmArchiveService {
  #isWriting = false;

  constructor(@InjectDataSource() private readonly source: DataSource) {}

  /**
   * Written to the end before it is sent: a reader who takes their time would hold a transaction open.
   *
   * @throws ProblemException 503 while another is written in this process
   */
  async archive(firmId: string): Promise<ReadStream> {
    if (this.#isWriting) throw tooBusy(RETRY_SECONDS);
    this.#isWriting = true;
    const file = join(tmpdir(), `water-clock-firm-${randomUUID()}`);
    try {
      await writeArchive(this.source, firmId, file);
    } catch (error) {
      await rm(file, { force: true });
      throw error;
    } finally {
      this.#isWriting = false;
    }
    const stream = createReadStream(file);
    // What is open is read to its end all the same.
    stream.once('open', () => void rm(file, { force: true }));
    return stream;
  }
}
