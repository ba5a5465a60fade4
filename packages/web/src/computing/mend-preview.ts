import type { DayNumber } from '@water-clock/core/civil-time';
import { differences, type Difference } from '@water-clock/core/compare';
import { check, findingKey, type Finding } from '@water-clock/core/findings';
import type { Mend } from '@water-clock/core/mends';
import type { Plan } from '@water-clock/core/settings';

/** A mend, to be looked at before it is applied. */
export interface MendPreview extends Mend {
  readonly changes: readonly Difference[];
  /** What is found no more, and what is found new. */
  readonly gone: readonly Finding[];
  readonly fresh: readonly Finding[];
}

export function mendPreview(
  plan: Plan,
  mend: Mend,
  before: readonly Finding[],
  since: DayNumber,
): MendPreview {
  const after = check(mend.plan, since);
  return {
    ...mend,
    changes: differences(plan, mend.plan),
    gone: without(before, after),
    fresh: without(after, before),
  };
}

function without(findings: readonly Finding[], others: readonly Finding[]): Finding[] {
  const known = new Set(others.map(findingKey));
  return findings.filter((finding) => !known.has(findingKey(finding)));
}
