import { Inject, Injectable, Logger, type OnModuleDestroy } from '@nestjs/common';
import type PgBoss from 'pg-boss';
import { queueAt, SCHEDULE, type Queue } from './queues.js';

/** The database by which processes share what is to be done; null: this one has no part in it. */
export const QUEUES_DATABASE = Symbol('queues database');

const POLLING_SECONDS = 5;
const SOON_SECONDS = 1;
const STOP_MS = 10_000;

interface Part {
  readonly id: string;
}

/** What is to be done while nobody waits, by whichever process comes first. */
@Injectable()
export class QueuesService implements OnModuleDestroy {
  readonly #logger = new Logger('Queues');
  #boss: Promise<PgBoss> | null = null;
  #isEnding = false;

  constructor(@Inject(QUEUES_DATABASE) private readonly databaseUrl: string | null) {}

  /** This process takes its part. */
  get isHere(): boolean {
    return this.databaseUrl !== null;
  }

  /** The process ends: whoever is at something long leaves it to the next one. */
  get isEnding(): boolean {
    return this.#isEnding;
  }

  async onModuleDestroy(): Promise<void> {
    this.#isEnding = true;
    const boss = await this.#boss;
    await boss?.stop({ graceful: true, wait: true, timeout: STOP_MS });
  }

  /** Says when things begin by the clock. */
  async keepSchedule(): Promise<void> {
    const boss = await this.#begun();
    for (const [name, cron] of Object.entries(SCHEDULE)) await boss?.schedule(name, cron);
  }

  /** Takes what comes into a queue, by the id of what it is of; `isSoon`: somebody looks on. */
  async take(
    queue: Queue,
    work: (id: string) => Promise<void>,
    { isSoon = false } = {},
  ): Promise<void> {
    const boss = await this.#begun();
    const pollingIntervalSeconds = isSoon ? SOON_SECONDS : POLLING_SECONDS;
    await boss?.work<Part>(queue, { batchSize: 1, pollingIntervalSeconds }, async (jobs) => {
      for (const { data } of jobs) await work(data.id);
    });
  }

  /** Of each id one waits at most; where this process has no part in it, whoever has one finds it by itself. */
  async send(queue: Queue, id: string): Promise<void> {
    const boss = await this.#begun();
    await boss?.send(queue, { id } satisfies Part, { singletonKey: id });
  }

  #begun(): Promise<PgBoss> | null {
    if (this.databaseUrl === null) return null;
    const begin = async (url: string) => {
      const boss = queueAt(url);
      boss.on('error', (error) => this.#logger.warn(String(error)));
      await boss.start();
      return boss;
    };
    this.#boss ??= begin(this.databaseUrl);
    return this.#boss;
  }
}
