import { Injectable, Logger, type OnModuleInit } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { formatDateTime } from '@water-clock/core/civil-time';
import { clockIn } from '@water-clock/core/time-zones';
import type { DataSource } from 'typeorm';
import type { Queue } from '../queues/queues.js';
import { QueuesService } from '../queues/queues.service.js';
import { letGo } from '../retention/retention.js';
import { Standings } from '../timer-records/standings.js';

const AHEAD_MS = 3_600_000;
const DATE_LENGTH = 'YYYY-MM-DD'.length;

/** What is done by night and by the hour, firm by firm, by whichever process comes first. */
@Injectable()
export class ScheduleService implements OnModuleInit {
  readonly #logger = new Logger('Schedule');

  constructor(
    @InjectDataSource() private readonly source: DataSource,
    private readonly queues: QueuesService,
    private readonly standings: Standings,
  ) {}

  async onModuleInit(): Promise<void> {
    if (!this.queues.isHere) return;
    await this.queues.keepSchedule();
    await this.queues.take('every-hour', () => this.#forEachFirm('standings'));
    await this.queues.take('every-night', () => this.#forEachFirm('let-go'));
    await this.queues.take('standings', (firmId) => this.prepareStandings(firmId, new Date()));
    await this.queues.take('let-go', (firmId) => this.letGo(firmId, new Date()));
  }

  /** What the lists of a firm will ask for within the hour, worked out before anybody asks. */
  async prepareStandings(firmId: string, now: Date): Promise<void> {
    const zones = await this.source.query<{ zone: string | null }[]>(
      `SELECT DISTINCT time_zone AS zone FROM properties
       WHERE firm_id = $1 AND archived_at IS NULL ORDER BY 1`,
      [firmId],
    );
    for (const { zone } of zones) {
      const soon = formatDateTime(clockIn(zone ?? 'UTC', now.getTime() + AHEAD_MS));
      await this.standings.prepare(firmId, zone, soon.slice(0, DATE_LENGTH));
    }
  }

  async letGo(firmId: string, now: Date): Promise<void> {
    const gone = await letGo(this.source, firmId, now);
    this.#logger.log(`firm ${firmId} let go of ${JSON.stringify(gone)}`);
  }

  async #forEachFirm(queue: Queue): Promise<void> {
    const firms = await this.source.query<{ id: string }[]>('SELECT id FROM firms ORDER BY id');
    for (const { id } of firms) await this.queues.send(queue, id);
  }
}
