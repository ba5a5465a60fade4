import { found, type Finding, type FindingCode } from './check.js';
import { RULES } from './rules.js';
import type { Situation } from './situation.js';

/** What looks at each of the watched dates; all the rest is found more quickly. */
const LONG_LOOKED_FOR: readonly FindingCode[] = [
  'rule-day',
  'rule-hours',
  'mowing-day',
  'late-finish',
  'too-often',
  'runoff',
  'short-soak',
  'flow-over',
  'window-cuts',
  'knock-on',
];
/** What is asked of all dates. */
const FOUND_ON_ALL_DATES: readonly FindingCode[] = [
  'collision',
  'low-headroom',
  'start-per-station',
  'never-waters',
];

const rankOf = ({ code }: (typeof RULES)[number]): number =>
  LONG_LOOKED_FOR.includes(code) ? 2 : FOUND_ON_ALL_DATES.includes(code) ? 1 : 0;

const FAULTS = RULES.filter(({ severity }) => severity !== 'info').sort(
  (x, y) => rankOf(x) - rankOf(y),
);

/** What one rule finds. */
export const faultsOf = (situation: Situation, code: FindingCode): readonly Finding[] =>
  FAULTS.filter((rule) => rule.code === code).flatMap((rule) => found(rule, situation));

/**
 * Errors and warnings one after the other, what is found most quickly first: who asks whether there is any
 * need not wait for all. `first` are codes to be looked for before the others.
 * @throws TooMuchToWorkOut
 */
export function* faultsIn(
  situation: Situation,
  first: ReadonlySet<FindingCode> = new Set(),
): Generator<Finding> {
  for (const rule of FAULTS) if (first.has(rule.code)) yield* found(rule, situation);
  for (const rule of FAULTS) if (!first.has(rule.code)) yield* found(rule, situation);
}
