import { availableParallelism } from 'node:os';
import { Inject, Injectable, type OnModuleDestroy } from '@nestjs/common';
import { readBrief, type PlanAnswer } from '@water-clock/core/planner';
import { Piscina } from 'piscina';
import { wholeDocument } from '../platform/documents.js';
import type { PlanTask } from './plan.worker.js';
import { BriefFields, PlannedAnswer } from './planned.dto.js';

/** The file that the pool's threads run, as it was built. */
export const PLAN_WORKER = Symbol('plan worker');

const LIMIT_MS = 2000;

/** Plans in threads of their own, so that a slow one never holds up the API. */
@Injectable()
export class PlanningService implements OnModuleDestroy {
  private pool: Piscina | null = null;

  constructor(@Inject(PLAN_WORKER) private readonly workerFile: string) {}

  async plan({ document }: BriefFields): Promise<PlannedAnswer> {
    wholeDocument(document, readBrief);
    const task: PlanTask = { document: document as PlanTask['document'], limitMs: LIMIT_MS };
    const answer = (await this.threads().run(task)) as PlanAnswer;
    return answer.feasible
      ? { feasible: true, plan: answer.document, isProven: answer.isProven }
      : { feasible: false, reasons: answer.reasons, nearest: answer.nearest };
  }

  async onModuleDestroy(): Promise<void> {
    await this.pool?.destroy();
  }

  /** Begun when somebody first plans: most processes never do. */
  private threads(): Piscina {
    this.pool ??= new Piscina({
      filename: this.workerFile,
      maxThreads: Math.max(1, availableParallelism() - 1),
    });
    return this.pool;
  }
}
