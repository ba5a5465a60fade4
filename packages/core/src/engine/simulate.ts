import type { Plan } from '../settings/index.js';
import { collisionsAmong, type Collision } from './collisions.js';
import { compilePlan, type CompiledPlan } from './compiled-plan.js';
import { nominalRuns, type DateRange, type NominalRun } from './nominal-runs.js';
import { begunRuns, type BegunRun } from './overlap.js';
import { waterPieces, type WaterPiece } from './pieces.js';

export interface Simulation {
  /** What the settings ask for, each run alone, in order. */
  readonly nominal: readonly NominalRun[];
  /** What the timer begins, in nominal order. */
  readonly runs: readonly BegunRun[];
  /** Water that really flows, run by run. */
  readonly pieces: readonly WaterPiece[];
  readonly collisions: readonly Collision[];
}

/**
 * What a timer does with its settings, in timer time: all runs that start on the dates of the
 * range, beginning with an idle timer, and all collisions among them. Runs go on past the range.
 */
export const simulate = (plan: Plan, range: DateRange): Simulation =>
  simulateCompiled(compilePlan(plan), range);

/** The same, for a plan that is compiled already. */
export function simulateCompiled(compiled: CompiledPlan, range: DateRange): Simulation {
  const { plan } = compiled;
  const nominal = nominalRuns(compiled, range);
  const runs = begunRuns(nominal, plan);
  return { nominal, runs, pieces: waterPieces(plan, runs), collisions: collisionsAmong(nominal) };
}
