import { Injectable } from '@nestjs/common';
import { readBrief } from '@water-clock/core/planner';
import { ComputingService } from '../computing/computing.service.js';
import { askerOf, type SignedIn } from '../people/signed-in.js';
import { wholeDocument } from '../platform/documents.js';
import { PLAN_TASK } from './plan-task.js';
import { BriefFields, PlannedAnswer } from './planned.dto.js';

/** Plans in threads, so that a slow one never holds up the API, nor another firm's. */
@Injectable()
export class PlanningService {
  constructor(private readonly computing: ComputingService) {}

  async plan(person: SignedIn, { document }: BriefFields): Promise<PlannedAnswer> {
    wholeDocument(document, readBrief);
    const answer = await this.computing.run(askerOf(person), PLAN_TASK, document);
    return answer.feasible
      ? { feasible: true, plan: answer.document, isProven: answer.isProven }
      : { feasible: false, reasons: answer.reasons, nearest: answer.nearest };
  }
}
