import type { DayNumber } from '../civil-time/index.js';
import { faultsIn, type FindingCode } from '../findings/index.js';
import type { Plan } from '../settings/index.js';
import { Draft, type Change } from './draft.js';
import { leastChanges } from './scoped-faults.js';
import { Search, type SearchEnd } from './search.js';
import { startChange } from './values.js';
import { Bands } from './water.js';

/** How long may be looked. */
export interface RepairLimits {
  readonly now: () => number;
  readonly limitMs: number;
}

/** The smallest change of settings that was found to put everything right. */
export interface Repair {
  /** There was nothing to repair. */
  readonly isSound: boolean;
  /** Nothing is wrong with `plan` but what is handed on. */
  readonly isRepaired: boolean;
  readonly changes: readonly Change[];
  readonly plan: Plan;
  /** Fewer changes are proven not to do. */
  readonly isProven: boolean;
  /** The errors and warnings that stay, each code once. */
  readonly left: readonly FindingCode[];
}

/** More changes than these are no repair but another plan: a time for each of as many stations as a timer may have. */
const MOST_CHANGES = 64;
/** So many changes are looked for in order; beyond, one after the other. */
const LEAST_SEARCHED = 3;
const MOST_SEARCHED = 7;
/** How far from the most promising changes is looked, one after the other. */
const SLACKS = [0, 1, 2, 3, 5, 8, 13, 21];
/** How much of the time is over when pairs of changes are given up, and when more of them are. */
const FOR_PAIRS = 0.35;
const FOR_MORE = 0.85;

/**
 * The fewest changes of settings after which nothing is wrong with them from a date on, or the best that was found
 * within the time; of as many changes the least disturbing.
 * @throws TooMuchToWorkOut
 */
export function repair(plan: Plan, from: DayNumber, { now, limitMs }: RepairLimits): Repair {
  const given = new Draft(plan, from, new Bands(plan, from));
  if (!hasFault(given)) return told(given, true, true);
  const begin = now();
  const until = (share: number) => ({ isOver: () => now() - begin > limitMs * share });
  const single = new Search(given, until(1)).within(given, 1);
  if (single.sound) return told(single.sound, true, false);
  const pairs = new Search(given, until(FOR_PAIRS));
  const more = new Search(given, until(FOR_MORE));
  const best = pairs.within(given, 2).sound ?? ofMore(more, given, until(1));
  if (!best) return told(nearer(pairs.nearest, more.nearest), false, false);
  const isProven =
    best.changes.length === leastChanges(given) ||
    (best.changes.length === 2 && single.isExhausted);
  return told(best, isProven, false);
}

const nearer = (one: Draft, other: Draft): Draft =>
  other.faults.length < one.faults.length ? other : one;

/** More changes than a pair: few of them farther from the most promising ones by the time that more are looked at. */
function ofMore(search: Search, given: Draft, wholeEnd: SearchEnd): Draft | null {
  let best: Draft | null = null;
  for (let turn = 0; turn < SLACKS.length + MOST_SEARCHED - LEAST_SEARCHED; turn++)
    for (const [place, slack] of SLACKS.entries()) {
      const changes = LEAST_SEARCHED + turn - place;
      if (changes < LEAST_SEARCHED || changes > MOST_SEARCHED) continue;
      if (best && changes >= best.changes.length) continue;
      if (search.end.isOver()) break;
      best = search.within(given, changes, slack).sound ?? best;
    }
  search.end = wholeEnd;
  return best ?? greedy(search, given);
}

function greedy(search: Search, given: Draft): Draft | null {
  const found = search.greedily(given, MOST_CHANGES);
  return found && withoutNeedless(found);
}

const hasFault = (draft: Draft): boolean => !draft.found().next().done;

/** Without the changes that turn out not to be needed. */
const withoutNeedless = (draft: Draft): Draft =>
  draft.changes.reduce((kept, change) => {
    const others = kept.changes.filter((one) => one !== change);
    const less = new Draft(kept.given, kept.from, kept.bands, others);
    return less.faults.length === 0 ? less : kept;
  }, draft);

/** The same settings, with as few starts changed as they differ by, each by as little as can be. */
function withFewestStarts(draft: Draft): Draft {
  const others = draft.changes.filter(({ unit }) => unit.of !== 'start');
  const base = new Draft(draft.given, draft.from, draft.bands, others);
  const moved = draft.given.programs.flatMap(({ id, starts }, program): Change[] => {
    const after = draft.plan.programs.find((one) => one.id === id)!.starts;
    const come = without(after, starts);
    const gone = starts.flatMap((start, place) => ({ start, place }));
    for (const start of after) {
      const at = gone.findIndex((one) => one.start === start);
      if (at >= 0) gone.splice(at, 1);
    }
    const places = gone.map(({ place }) => place);
    const changes = come.map((start, at) =>
      startChange({ of: 'start', program, place: places[at] ?? starts.length + at }, start, base),
    );
    const cleared = places
      .slice(come.length)
      .map((place) => startChange({ of: 'start', program, place }, null, base));
    return [...changes, ...cleared];
  });
  return new Draft(draft.given, draft.from, draft.bands, [...others, ...moved]);
}

/** What is in a list and not in another, each as often as it is there more. */
function without(list: readonly string[], other: readonly string[]): string[] {
  const left = [...other];
  return list.filter((one) => {
    const at = left.indexOf(one);
    if (at >= 0) left.splice(at, 1);
    return at < 0;
  });
}

function told(found: Draft, isProven: boolean, isSound: boolean): Repair {
  const draft = withFewestStarts(found);
  const left = [...new Set([...faultsIn(draft.situation)].map(({ code }) => code))].sort();
  return {
    isSound,
    isRepaired: isSound || draft.faults.length === 0,
    changes: draft.changes,
    plan: draft.plan,
    isProven,
    left,
  };
}
