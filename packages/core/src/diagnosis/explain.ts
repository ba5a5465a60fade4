import {
  Believed,
  faultInWords,
  flowsOf,
  isCommon,
  sizeOf,
  unlikelihood,
  type Fault,
} from '../faults/index.js';
import type { Plan } from '../settings/index.js';
import { scoreOf, type Candidate, type Case } from './candidate.js';
import { byHand } from './candidates/by-hand.js';
import { clocks } from './candidates/clocks.js';
import { extraPrograms } from './candidates/extra-programs.js';
import { extraStarts } from './candidates/extra-starts.js';
import { percents } from './candidates/percents.js';
import { wholeMachine } from './candidates/whole-machine.js';
import type { Seen } from './seen.js';
import { Sightings, type Fit } from './what-holds.js';

const MOST_CAUSES = 10;

/** What would make a timer water as it was seen to. */
export interface Cause {
  readonly fault: Fault;
  /** So many of the observations hold with it. */
  readonly explains: number;
  readonly of: number;
  /** Observations that it contradicts, and runs that nobody saw who saw all. */
  readonly against: number;
  /** What happens, with times. */
  readonly says: string;
  /** What to look at or try, which would tell it from the next. */
  readonly check: string;
}

/**
 * What explains what was seen of a timer, best first: each cause is tried out on the engine.
 * @throws TooMuchToWorkOut
 */
export function explain(plan: Plan, seen: Seen): Cause[] {
  const one = caseOf(plan, seen);
  return bestOf(one)
    .slice(0, MOST_CAUSES)
    .map((candidate) => causeOf(one, candidate));
}

/**
 * One cause, whether it explains anything or not: what somebody found out by looking.
 * @throws TooMuchToWorkOut
 */
export function weigh(plan: Plan, seen: Seen, fault: Fault): Cause {
  const one = caseOf(plan, seen);
  return causeOf(one, { fault, fit: one.sightings.fit(flowsOf(one.believed, fault)) });
}

/** What was seen of a timer, held against its settings. */
export function caseOf(plan: Plan, seen: Seen): Case {
  const sightings = new Sightings(seen);
  const believed = new Believed(plan, sightings.watch, seen.rain);
  const asSetFlows = flowsOf(believed, AS_SET);
  const asSet = sightings.fit(asSetFlows);
  const unexplained = sightings.all.filter(
    ({ what }, index) => what === 'watered' && !asSet.holds[index],
  );
  return { believed, sightings, asSet, beside: sightings.beside(asSetFlows), unexplained };
}

const AS_SET: Fault = { code: 'as-set' };

/** All that explain more than the settings do, or these where nothing speaks against them; best first. */
export function bestOf(one: Case): Candidate[] {
  const { asSet } = one;
  const tried = [
    ...clocks(one),
    ...percents(one),
    ...extraStarts(one),
    ...extraPrograms(one),
    ...wholeMachine(one),
    ...byHand(one),
  ].filter(({ fit }) => isBetter(fit, asSet));
  const asTheyAre = isWhole(one, asSet) ? [{ fault: AS_SET, fit: asSet }] : [];
  return [...asTheyAre, ...withoutLarger(one, tried)].sort((a, b) => inOrder(one, a, b));
}

/** Everything that was seen holds, and nothing speaks against it. */
export const isWhole = ({ sightings }: Case, { explains, against }: Fit): boolean =>
  explains === sightings.all.length && against === 0;

export function causeOf({ believed, sightings }: Case, { fault, fit }: Candidate): Cause {
  const firstSeen = sightings.all.find(({ what }) => what === 'watered');
  const { happens, check } = faultInWords(believed, fault, firstSeen);
  const { explains, against } = fit;
  const of = sightings.all.length;
  return { fault, explains, of, against, says: `This would fit: ${happens}`, check };
}

/** It explains something that the settings do not, or has less against it. */
const isBetter = (fit: Fit, asSet: Fit): boolean =>
  fit.against < asSet.against || fit.holds.some((holds, index) => holds && !asSet.holds[index]);

const inOrder = ({ believed }: Case, a: Candidate, b: Candidate): number =>
  scoreOf(b.fit) - scoreOf(a.fit) ||
  unlikelihood(a.fault) - unlikelihood(b.fault) ||
  sizeOf(a.fault, believed) - sizeOf(b.fault, believed);

/** Of each code only those that explain more than all that are smaller changes; a common error is never left out for an odd one. */
function withoutLarger({ believed }: Case, tried: readonly Candidate[]): Candidate[] {
  const kept: Candidate[] = [];
  const bySize = [...tried].sort(
    (a, b) =>
      sizeOf(a.fault, believed) - sizeOf(b.fault, believed) || scoreOf(b.fit) - scoreOf(a.fit),
  );
  for (const one of bySize) {
    const isOutdone = kept.some(
      (other) =>
        isLike(one.fault, other.fault) &&
        scoreOf(other.fit) >= scoreOf(one.fit) &&
        !(isCommon(one.fault) && !isCommon(other.fault)),
    );
    if (!isOutdone) kept.push(one);
  }
  return kept;
}

/** Of faults that are alike in what they are of, one is enough: another station is another fault. */
function isLike(one: Fault, other: Fault): boolean {
  if (one.code !== other.code) return false;
  const of = (fault: Fault) =>
    'station' in fault ? fault.station : 'program' in fault ? fault.program : null;
  return of(one) === of(other);
}
