import type { DayNumber } from '@water-clock/core/civil-time';
import { differences, type Difference } from '@water-clock/core/compare';
import { check, findingKey, type Finding } from '@water-clock/core/findings';
import type { Fix } from '@water-clock/core/fixes';
import type { Plan } from '@water-clock/core/settings';

/** A fix, to be looked at before it is applied. */
export interface FixPreview extends Fix {
  readonly changes: readonly Difference[];
  /** What is found no more, and what is found new. */
  readonly gone: readonly Finding[];
  readonly fresh: readonly Finding[];
}

export function fixPreview(
  plan: Plan,
  fix: Fix,
  before: readonly Finding[],
  since: DayNumber,
): FixPreview {
  const after = check(fix.plan, since);
  return {
    ...fix,
    changes: differences(plan, fix.plan),
    gone: without(before, after),
    fresh: without(after, before),
  };
}

function without(findings: readonly Finding[], others: readonly Finding[]): Finding[] {
  const known = new Set(others.map(findingKey));
  return findings.filter((finding) => !known.has(findingKey(finding)));
}
