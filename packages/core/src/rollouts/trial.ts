import type { DayNumber } from '../civil-time/index.js';
import { isTooMuch } from '../engine/index.js';
import { check, type Finding } from '../findings/index.js';
import { HANDED_ON } from '../repair/index.js';
import type { Plan } from '../settings/index.js';

/**
 * What a change does to a timer: nothing at all; it goes well; it breaks something; it was broken before and is no
 * worse; or nobody can say, for it is too much to work out.
 */
export const OUTCOMES = ['untouched', 'well', 'breaks', 'was-broken', 'too-much'] as const;
export type Outcome = (typeof OUTCOMES)[number];

/** What a change breaks at a timer, as it is found there. */
export interface Break extends Pick<Finding, 'code' | 'severity' | 'message'> {
  /** When it happens first, `YYYY-MM-DDTHH:MM:SS` in timer time; null: all the time. */
  readonly first: string | null;
  /** At how many places of the timer; `message` tells the first. */
  readonly count: number;
}

export interface Trial {
  readonly outcome: Exclude<Outcome, 'untouched'>;
  /** What is broken then and was not before; where nothing new is, what was broken before. */
  readonly breaks: readonly Break[];
}

/** What becomes of a timer, at its home, from a date on. */
export function tryChange(before: Plan, after: Plan, from: DayNumber): Trial {
  try {
    const then = faultsOf(after, from);
    if (then.length === 0) return { outcome: 'well', breaks: [] };
    const known = new Set(faultsOf(before, from).map(keyOf));
    const fresh = then.filter((finding) => !known.has(keyOf(finding)));
    return fresh.length > 0
      ? { outcome: 'breaks', breaks: breaksOf(fresh) }
      : { outcome: 'was-broken', breaks: breaksOf(then) };
  } catch (error) {
    if (!isTooMuch(error)) throw error;
    return { outcome: 'too-much', breaks: [] };
  }
}

const faultsOf = (plan: Plan, from: DayNumber): Finding[] =>
  check(plan, from).filter(({ severity, code }) => severity !== 'info' && !HANDED_ON.has(code));

const keyOf = ({ code, program, station, startNumber }: Finding): string =>
  JSON.stringify([code, program, station, startNumber]);

/** One for each kind of fault, by the place where it happens first. */
function breaksOf(findings: readonly Finding[]): Break[] {
  const byCode = new Map<string, Break>();
  for (const { code, severity, message, first = null } of findings) {
    const known = byCode.get(code);
    const count = (known?.count ?? 0) + 1;
    const isSooner = !known || (first !== null && known.first !== null && first < known.first);
    byCode.set(code, isSooner ? { code, severity, message, first, count } : { ...known, count });
  }
  return [...byCode.values()];
}
