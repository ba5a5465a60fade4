import { formatDate, type DayNumber } from '../civil-time/index.js';
import type { FindingCode } from '../findings/index.js';
import {
  changesOn,
  documentWith,
  repair,
  type DocumentChange,
  type Repair,
  type RepairLimits,
} from '../repair/index.js';
import { readPlan, type Plan } from '../settings/index.js';
import { withFollowers, type Yard } from '../yards/index.js';

/** The fewest settings to change after which a change of many homes breaks nothing at a timer. */
export interface Fix {
  readonly changes: readonly DocumentChange[];
  /** Nothing is wrong with the settings after it. */
  readonly isRepaired: boolean;
  /** Fewer changes are proven not to do. */
  readonly isProven: boolean;
  /** What stays wrong. */
  readonly left: readonly FindingCode[];
  /** `YYYY-MM-DD`: before this date it may break what holds until then; it is keyed in on it, or later. */
  readonly holdsFrom: string;
}

interface ToFix {
  /** Settings as they are stored, with the change made. */
  readonly stored: Plan;
  /** The same at their home: with its rules, and with those that are to be. */
  readonly atHome: Plan;
  readonly today: DayNumber;
  /** From when on the change holds. */
  readonly from: DayNumber;
}

/** A fix that holds from today on, so that it may be keyed in whenever somebody is there; else from the change on. */
export function fixOf({ stored, atHome, today, from }: ToFix, limits: RepairLimits): Fix {
  if (from <= today) return told(stored, atHome, repair(atHome, today, limits), today);
  const { now, limitMs } = limits;
  const begin = now();
  const fromToday = repair(atHome, today, { now, limitMs: limitMs / 2 });
  if (fromToday.isRepaired) return told(stored, atHome, fromToday, today);
  const left = limitMs - (now() - begin);
  return told(stored, atHome, repair(atHome, from, { now, limitMs: left }), from);
}

const told = (stored: Plan, atHome: Plan, found: Repair, holdsFrom: DayNumber): Fix => ({
  changes: changesOn(stored, atHome, found),
  ...{ isRepaired: found.isRepaired, isProven: found.isProven, left: found.left },
  holdsFrom: formatDate(holdsFrom),
});

/** Settings with a fix made, its followers brought along. */
export function withFix(stored: Plan, { changes }: Pick<Fix, 'changes'>, yard: Yard | null): Plan {
  const read = readPlan(documentWith(stored, changes));
  if (!read.ok) throw new Error('Repaired settings cannot be read.');
  return yard ? withFollowers(read.value, yard) : read.value;
}
