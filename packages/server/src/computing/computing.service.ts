import { availableParallelism } from 'node:os';
import { MessageChannel } from 'node:worker_threads';
import { Inject, Injectable, type OnModuleDestroy } from '@nestjs/common';
import { TooMuchToWorkOut } from '@water-clock/core/engine';
import { fieldOf } from '@water-clock/core/kernel';
import { Piscina } from 'piscina';
import { tooBusy } from '../platform/problem.js';
import { FairQueue, type Asker } from './fair-queue.js';
import type { Task, TaskCall } from './task.js';

/** The file that the threads run, as it was built. */
export const COMPUTE_WORKER = Symbol('compute worker');

const MOST_WAITING = 500;
const MOST_OF_A_PERSON = 40;
const RETRY_SECONDS = 5;
const MOST_MEGABYTES = 512;
/** A thread that has not begun by then never will. */
const LONGEST_START_MS = 30_000;
/** A thread that nobody needs is kept as long: the next one would have to load what this one has. */
const IDLE_MS = 60_000;
/** One core is left for those who ask for less, unless nobody waits for what is worked out. */
const CORES = availableParallelism();
const SOMEBODYS_THREADS = Math.max(1, CORES - 1);

interface Job {
  readonly asker: Asker;
  readonly begin: () => Promise<void>;
}

/**
 * Works out in threads what would hold up the API: firms and persons in turn, each job with a limit of time and
 * memory, and what goes beyond it is ended alone.
 */
@Injectable()
export class ComputingService implements OnModuleDestroy {
  readonly #queue = new FairQueue<Job>(MOST_WAITING, MOST_OF_A_PERSON);
  #pool: Piscina | null = null;
  #running = 0;
  /** So many of those are somebody's. */
  #served = 0;

  constructor(@Inject(COMPUTE_WORKER) private readonly workerFile: string) {}

  /** So many jobs that nobody waits for can run at once. */
  get lanes(): number {
    return CORES;
  }

  /** Whether whoever asks now is served at once. */
  get isIdle(): boolean {
    return this.#running === 0;
  }

  /**
   * @throws ProblemException 503 where too much waits already
   * @throws TooMuchToWorkOut beyond the task's limit of time, or the memory of a thread
   */
  run<Input, Answer>(asker: Asker, task: Task<Input, Answer>, input: Input): Promise<Answer> {
    return new Promise<Answer>((resolve, reject) => {
      const begin = () => this.#inThread(task, input).then(resolve, reject);
      if (!this.#queue.push({ asker, begin })) throw tooBusy(RETRY_SECONDS);
      this.#beginNext();
    });
  }

  async onModuleDestroy(): Promise<void> {
    await this.#pool?.destroy();
  }

  #beginNext(): void {
    const job = this.#next();
    if (!job) return;
    const served = job.asker.personId === null ? 0 : 1;
    this.#running++;
    this.#served += served;
    void job.begin().finally(() => {
      this.#running--;
      this.#served -= served;
      this.#queue.isOver(job);
      this.#beginNext();
    });
    this.#beginNext();
  }

  #next(): Job | null {
    const isFree = this.#running < CORES && this.#served < SOMEBODYS_THREADS;
    const somebodys = isFree ? this.#queue.takeSomebodys() : null;
    if (somebodys) return somebodys;
    const most = this.#served > 0 ? SOMEBODYS_THREADS : CORES;
    return this.#running < most ? this.#queue.takeNobodys() : null;
  }

  async #inThread<Input, Answer>(task: Task<Input, Answer>, input: Input): Promise<Answer> {
    const limit = new AbortController();
    const { port1: told, port2: begun } = new MessageChannel();
    const end = () => limit.abort();
    let timer = setTimeout(end, LONGEST_START_MS + task.limitMs);
    told.once('message', () => {
      clearTimeout(timer);
      timer = setTimeout(end, task.limitMs);
    });
    const call: TaskCall = { name: task.name, input, begun };
    const options = { signal: limit.signal, transferList: [begun] };
    try {
      return (await this.#threads().run(call, options)) as Answer;
    } catch (error) {
      const isOver = limit.signal.aborted || fieldOf(error, 'code') === 'ERR_WORKER_OUT_OF_MEMORY';
      throw isOver ? new TooMuchToWorkOut('looks') : error;
    } finally {
      told.close();
      clearTimeout(timer);
    }
  }

  /** Begun when somebody first asks for something: a process that only answers has none. */
  #threads(): Piscina {
    this.#pool ??= new Piscina({
      filename: this.workerFile,
      maxThreads: CORES,
      idleTimeout: IDLE_MS,
      resourceLimits: { maxOldGenerationSizeMb: MOST_MEGABYTES },
    });
    return this.#pool;
  }
}
