import type { Budget } from './budget.js';
import type { NominalRun } from './nominal-runs.js';

/** Two program runs that overlap: `b` starts while `a`, alone, is still going. */
export interface Collision {
  readonly a: NominalRun;
  readonly b: NominalRun;
  /** How long both would be going, each alone. More than 0: touching is no collision. */
  readonly seconds: number;
}

/**
 * Every pair of runs that overlap, whatever the timer would do about it: by the start of the later,
 * then by the earlier. `runs` are in the order of {@link nominalRuns}.
 */
export function collisionsAmong(runs: readonly NominalRun[], budget: Budget): Collision[] {
  const longest = runs.reduce((most, run) => Math.max(most, run.shape.lengthSeconds), 0);
  const found: Collision[] = [];
  let earliest = 0;
  runs.forEach((b, index) => {
    while (runs[earliest]!.nominal + longest <= b.nominal && earliest < index) earliest++;
    budget.spend('looks', index - earliest);
    for (let before = earliest; before < index; before++) {
      const a = runs[before]!;
      const aEnd = a.nominal + a.shape.lengthSeconds;
      if (b.nominal >= aEnd) continue;
      const seconds = Math.min(aEnd, b.nominal + b.shape.lengthSeconds) - b.nominal;
      budget.spend('pieces', 1);
      found.push({ a, b, seconds });
    }
  });
  return orderWithinMoment(found);
}

/** Pairs whose later starts are at one moment are ordered by the earlier run. */
function orderWithinMoment(found: Collision[]): Collision[] {
  return found.sort(
    (x, y) => x.b.nominal - y.b.nominal || compareRuns(x.a, y.a) || compareRuns(x.b, y.b),
  );
}

/** The order of nominal runs. */
export const compareRuns = (x: NominalRun, y: NominalRun): number =>
  x.nominal - y.nominal || x.program.order - y.program.order || x.startNumber - y.startNumber;
