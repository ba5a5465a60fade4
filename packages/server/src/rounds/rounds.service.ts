import {
  Inject,
  Injectable,
  Logger,
  type OnModuleDestroy,
  type OnModuleInit,
} from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { formatDateTime } from '@water-clock/core/civil-time';
import { clockIn } from '@water-clock/core/time-zones';
import type PgBoss from 'pg-boss';
import type { DataSource } from 'typeorm';
import { letGo } from '../retention/retention.js';
import { Standings } from '../timer-records/standings.js';
import { queueAt, ROUNDS, type Queue } from './queues.js';

/** The database by which processes share their rounds; null: this one has no part in them. */
export const ROUNDS_DATABASE = Symbol('rounds database');

const POLLING_SECONDS = 5;
const AHEAD_MS = 3_600_000;
const DATE_LENGTH = 'YYYY-MM-DD'.length;

/** What a round does for one firm; a round itself is for none. */
interface OfFirm {
  readonly firmId: string;
}

/** What is done by night and by the hour, firm by firm, by whichever process comes first. */
@Injectable()
export class RoundsService implements OnModuleInit, OnModuleDestroy {
  readonly #logger = new Logger('Rounds');
  #boss: PgBoss | null = null;

  constructor(
    @InjectDataSource() private readonly source: DataSource,
    @Inject(ROUNDS_DATABASE) private readonly databaseUrl: string | null,
    private readonly standings: Standings,
  ) {}

  async onModuleInit(): Promise<void> {
    if (this.databaseUrl === null) return;
    const boss = queueAt(this.databaseUrl);
    boss.on('error', (error) => this.#logger.warn(String(error)));
    await boss.start();
    this.#boss = boss;
    for (const [name, cron] of Object.entries(ROUNDS)) await boss.schedule(name, cron);
    await this.#take(boss, 'every-hour', () => this.#forEachFirm(boss, 'standings'));
    await this.#take(boss, 'every-night', () => this.#forEachFirm(boss, 'let-go'));
    await this.#take(boss, 'standings', ({ firmId }) => this.prepareStandings(firmId, new Date()));
    await this.#take(boss, 'let-go', ({ firmId }) => this.letGo(firmId, new Date()));
  }

  async onModuleDestroy(): Promise<void> {
    await this.#boss?.stop({ graceful: true, wait: true, timeout: 10_000 });
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

  async #take(boss: PgBoss, queue: Queue, work: (part: OfFirm) => Promise<void>): Promise<void> {
    await boss.work<OfFirm>(
      queue,
      { batchSize: 1, pollingIntervalSeconds: POLLING_SECONDS },
      async (jobs) => {
        for (const { data } of jobs) await work(data);
      },
    );
  }

  async #forEachFirm(boss: PgBoss, queue: Queue): Promise<void> {
    const firms = await this.source.query<{ id: string }[]>('SELECT id FROM firms ORDER BY id');
    for (const { id } of firms) await boss.send(queue, { firmId: id }, { singletonKey: id });
  }
}
