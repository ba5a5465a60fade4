import {
  faultInWords,
  flowsOfBoth,
  isCommon,
  settingsWith,
  unlikelihood,
  type Fault,
} from '../faults/index.js';
import type { Plan } from '../settings/index.js';
import { scoreOf, type Candidate, type Case } from './candidate.js';
import { bestOf, caseOf, isWhole, type Cause } from './explain.js';
import type { Seen } from './seen.js';

/** Two causes that together make a timer water as it was seen to. */
export interface TwoThings extends Omit<Cause, 'fault' | 'check'> {
  readonly faults: readonly [Fault, Fault];
  /** What to look at or try, for each of them. */
  readonly checks: readonly [string, string];
}

interface Pair extends Pick<Candidate, 'fit'> {
  readonly faults: TwoThings['faults'];
}

/** So many settings are each taken for true, and other causes tried beside them. */
const MOST_SETTINGS = 4;
/** So many of the causes that are none of the settings are tried with each other. */
const MOST_OTHERS = 12;

/**
 * The best two, where no single cause explains all that was seen; null where one does, or no two explain more than
 * the best one. Nothing is tried that a practised eye would not: two settings, a setting and a fault, two faults.
 * @throws TooMuchToWorkOut
 */
export function perhapsTwo(plan: Plan, seen: Seen): TwoThings | null {
  const one = caseOf(plan, seen);
  const singles = bestOf(one);
  const [best] = singles;
  if (!best || isWhole(one, best.fit)) return null;
  const pairs = [...withSettings(plan, seen, singles), ...ofOthers(one, singles)]
    .filter(({ fit }) => scoreOf(fit) > scoreOf(best.fit))
    .sort(inOrder);
  const [pair] = pairs;
  return pair ? inWords(one, pair) : null;
}

/** One is a setting that is otherwise than believed; with it the timer is another one, with another cause. */
function withSettings(plan: Plan, seen: Seen, singles: readonly Candidate[]): Pair[] {
  return singles
    .flatMap(({ fault }) => {
      const changed = settingsWith(plan, fault);
      return changed ? [{ fault, changed }] : [];
    })
    .slice(0, MOST_SETTINGS)
    .flatMap(({ fault, changed }) =>
      bestOf(caseOf(changed, seen))
        .filter((other) => other.fault.code !== fault.code && other.fault.code !== 'as-set')
        .map((other): Pair => ({ faults: [fault, other.fault], fit: other.fit })),
    );
}

/** Neither is one of the settings. */
function ofOthers({ believed, sightings }: Case, singles: readonly Candidate[]): Pair[] {
  const others = singles
    .filter(({ fault }) => fault.code !== 'as-set' && settingsWith(believed.plan, fault) === null)
    .slice(0, MOST_OTHERS);
  return others.flatMap(({ fault }, index) =>
    others.slice(index + 1).flatMap((other): Pair[] => {
      const flows = flowsOfBoth(believed, fault, other.fault);
      return flows ? [{ faults: [fault, other.fault], fit: sightings.fit(flows) }] : [];
    }),
  );
}

/** Times, dates and stations of these are made up to fit: two of them explain nearly anything. */
const isMadeToFit = (fault: Fault): boolean =>
  ['extra-start', 'extra-program', 'by-hand'].includes(fault.code) ||
  (fault.code === 'clock' && !isCommon(fault));

const sumOf = ({ faults: [one, other] }: Pair, of: (fault: Fault) => number): number =>
  of(one) + of(other);

const inOrder = (a: Pair, b: Pair): number =>
  scoreOf(b.fit) - scoreOf(a.fit) ||
  sumOf(a, (fault) => Number(isMadeToFit(fault))) -
    sumOf(b, (fault) => Number(isMadeToFit(fault))) ||
  sumOf(a, unlikelihood) - sumOf(b, unlikelihood);

function inWords({ believed, sightings }: Case, { faults, fit }: Pair): TwoThings {
  const firstSeen = sightings.all.find(({ what }) => what === 'watered');
  const [one, other] = [
    faultInWords(believed, faults[0], firstSeen),
    faultInWords(believed, faults[1], firstSeen),
  ];
  const { explains, against } = fit;
  return {
    ...{ faults, explains, against, of: sightings.all.length },
    says: `Perhaps two things: ${one.happens} And ${other.happens}`,
    checks: [one.check, other.check],
  };
}
