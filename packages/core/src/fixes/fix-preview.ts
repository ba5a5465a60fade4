import type { DayNumber } from '../civil-time/index.js';
import { check, findingKey, type Finding } from '../findings/index.js';
import type { Fix } from './fix.js';

/** A fix, to be looked at before it is applied. */
export interface FixPreview extends Fix {
  /** What is found no more, and what is found new. */
  readonly gone: readonly Finding[];
  readonly fresh: readonly Finding[];
}

export function fixPreview(fix: Fix, before: readonly Finding[], since: DayNumber): FixPreview {
  const after = check(fix.plan, since);
  return {
    ...fix,
    gone: without(before, after),
    fresh: without(after, before),
  };
}

function without(findings: readonly Finding[], others: readonly Finding[]): Finding[] {
  const known = new Set(others.map(findingKey));
  return findings.filter((finding) => !known.has(findingKey(finding)));
}
