import type { Brief } from './brief.js';
import { nearestPlans } from './nearest.js';
import { reasonsOf, type Reason } from './reasons.js';
import { search, type SearchResult, type Limits } from './search.js';
import type { Standing } from './standing.js';

type Raw = Readonly<Record<string, unknown>>;

export interface PlanOptions {
  /** Milliseconds of any clock that does not go back. */
  readonly now: () => number;
  /** How long the plan itself may be looked for, ms; default 2,000. */
  readonly limitMs?: number;
  /** How long all of it may take, each nearest plan included; default: as long as they need. */
  readonly wholeLimitMs?: number;
  /** Told how many programs are being tried. */
  readonly onProgress?: (programs: number) => void;
  /** False: no nearest plans are looked for. */
  readonly withNearest?: boolean;
  /** What is on the timer already and stays; default: nothing. */
  readonly standing?: Standing;
}

export type PlanAnswer =
  | ({ readonly feasible: true } & SearchResult)
  | {
      readonly feasible: false;
      readonly reasons: readonly Reason[];
      readonly nearest: readonly {
        readonly change: { readonly field: string; readonly to: unknown };
        readonly plan: Raw;
      }[];
      /** Time was up before everything had been tried. */
      readonly isCutShort: boolean;
    };

const USUAL_LIMIT_MS = 2000;

/**
 * The plan for a brief that was read whole, or why there is none and what would help.
 * @param document the brief as it was written: site, timer, controller and rules go over unchanged
 */
export function planBrief(
  document: Raw,
  brief: Brief,
  {
    now,
    limitMs = USUAL_LIMIT_MS,
    wholeLimitMs = Infinity,
    onProgress,
    withNearest = true,
    standing,
  }: PlanOptions,
): PlanAnswer {
  const wholeEnd = now() + wholeLimitMs;
  const limits = (): Limits => {
    const end = Math.min(now() + limitMs, wholeEnd);
    return { isOver: () => now() > end, ...(onProgress && { onProgress }) };
  };
  const own = limits();
  const found = search(document, brief, own, standing);
  if (found) return { feasible: true, ...found };
  return {
    feasible: false,
    isCutShort: own.isOver(),
    reasons: reasonsOf(brief, standing),
    nearest: withNearest
      ? nearestPlans(document, brief, limits, standing).map(
          ({ change, found: { document: plan } }) => ({
            change,
            plan,
          }),
        )
      : [],
  };
}
