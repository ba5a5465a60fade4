import type { Plan } from '../settings/index.js';
import { planFacts } from './plan-facts.js';

/** One thing that is set otherwise; null where it is not set. */
export interface Difference {
  /** @example "Program A, starts" */
  readonly what: string;
  readonly before: string | null;
  readonly after: string | null;
}

/** What is set otherwise in `after` than in `before`, in words: by programs, stations, then the rest. */
export function differences(before: Plan, after: Plan): Difference[] {
  const [old, now] = [planFacts(before), planFacts(after)];
  return [...new Set([...old.keys(), ...now.keys()])]
    .map((what) => ({ what, before: old.get(what) ?? null, after: now.get(what) ?? null }))
    .filter((fact) => fact.before !== fact.after);
}
