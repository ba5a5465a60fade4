import { check, type Finding } from '../findings/index.js';
import { planBrief, readBrief, type PlanAnswer, type Reason } from '../planner/index.js';
import { readPlan, type Plan } from '../settings/index.js';
import { briefFor, type PlanTargets } from './brief-for.js';
import { costsOf, type Costs } from './costs.js';
import { proposalOn } from './proposal.js';
import type { StationTarget } from './station-target.js';

/** The ways to plan that are held side by side, in the order in which they are worked out. */
export const ALTERNATIVES = ['fewest', 'by-planting', 'by-starts'] as const;
export type Alternative = (typeof ALTERNATIVES)[number];

export interface PlanAsked {
  readonly plan: Plan;
  readonly targets: readonly StationTarget[];
  /** The same where long runs are cut by several starts. */
  readonly targetsByStarts: readonly StationTarget[];
  readonly leaders: readonly (readonly [number, number])[];
  /** The other timers of the home, for which room is left. */
  readonly beside: readonly Plan[];
  readonly hours: Omit<PlanTargets, 'prefer' | 'isCutByStarts'>;
}

/** What gives way in a nearest plan. */
export type Change = { readonly field: string; readonly to: unknown };

/** A plan to look at. */
export interface Offer {
  readonly key: string;
  readonly alternative: Alternative;
  /** The settings as they would be. */
  readonly proposal: Plan;
  readonly costs: Costs;
  /** Errors and warnings that are left, which are not the planner's to fix. */
  readonly faults: readonly Finding[];
  readonly isProven: boolean;
  /** What gave way; null: nothing. */
  readonly change: Change | null;
}

export interface Refusal {
  readonly alternative: Alternative;
  readonly reasons: readonly Reason[];
  readonly isCutShort: boolean;
}

export type PlanEvent =
  | { readonly type: 'trying'; readonly alternative: Alternative; readonly programs: number }
  | { readonly type: 'now'; readonly costs: Costs }
  | { readonly type: 'offer'; readonly offer: Offer }
  | { readonly type: 'refusal'; readonly refusal: Refusal }
  /** It comes to the same plan as one before it. */
  | { readonly type: 'same'; readonly alternative: Alternative };

/**
 * Plans for settings in every way that makes a difference for them: fewest programs, by planting,
 * and, where the timer could soak, cut by several starts. Each is told as soon as it is there.
 * @param now milliseconds of a clock that does not go back
 */
export function planAlternatives(
  asked: PlanAsked,
  now: () => number,
  tell: (event: PlanEvent) => void,
): void {
  const { plan, targets, hours } = asked;
  tell({ type: 'now', costs: costsOf(plan, hours.dates.from) });
  if (targets.length === 0) return;
  const known = new Set<string>();
  for (const alternative of ALTERNATIVES) {
    if (!differs(asked, alternative)) continue;
    const answer = answerOf(asked, alternative, now, tell);
    if (!answer.feasible) {
      const { reasons, isCutShort } = answer;
      tell({ type: 'refusal', refusal: { alternative, reasons, isCutShort } });
      for (const { change, plan: document } of answer.nearest) {
        const read = readPlan(document);
        if (read.ok)
          tell({
            type: 'offer',
            offer: offerOf(asked, alternative, { plan: read.value, isProven: false, change }),
          });
      }
      continue;
    }
    const offer = offerOf(asked, alternative, { ...answer, change: null });
    const text = JSON.stringify(offer.proposal);
    tell(known.has(text) ? { type: 'same', alternative } : { type: 'offer', offer });
    known.add(text);
  }
}

function differs({ plan, targets }: PlanAsked, alternative: Alternative): boolean {
  const targeted = new Set(targets.map(({ number }) => number));
  const plants = plan.stations
    .filter(({ number }) => targeted.has(number))
    .map(({ plant }) => plant ?? 'unknown');
  if (alternative === 'by-planting') return new Set(plants).size > 1;
  if (alternative === 'by-starts')
    return (
      plan.timer.cycleSoak !== null && targets.some((target) => target.maxPieceSeconds !== null)
    );
  return true;
}

function answerOf(
  { plan, targets, targetsByStarts, leaders, beside, hours }: PlanAsked,
  alternative: Alternative,
  now: () => number,
  tell: (event: PlanEvent) => void,
): PlanAnswer {
  const isCutByStarts = alternative === 'by-starts';
  const { document, standing } = briefFor(
    plan,
    isCutByStarts ? targetsByStarts : targets,
    new Map(leaders),
    { ...hours, isCutByStarts, prefer: alternative === 'by-planting' ? 'by-need' : 'one-program' },
    beside,
  );
  const read = readBrief(document);
  if (!read.ok)
    throw new Error(read.trouble.map(({ path, message }) => `${path} ${message}`).join('; '));
  return planBrief(document, read.value, {
    now,
    standing,
    // What would help is asked once: the other ways are there to be compared.
    withNearest: alternative === 'fewest',
    onProgress: (programs) => tell({ type: 'trying', alternative, programs }),
  });
}

function offerOf(
  { plan, hours: { dates } }: PlanAsked,
  alternative: Alternative,
  { plan: planned, isProven, change }: Pick<Offer, 'isProven' | 'change'> & { plan: Plan },
): Offer {
  const proposal = proposalOn(plan, planned);
  return {
    key: change ? `${alternative} ${change.field}` : alternative,
    alternative,
    proposal,
    costs: costsOf(proposal, dates.from),
    faults: check(proposal, dates.from).filter(({ severity }) => severity !== 'info'),
    isProven,
    change,
  };
}
