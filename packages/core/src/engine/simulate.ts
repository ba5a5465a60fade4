import { SECONDS_PER_DAY } from '../civil-time/index.js';
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
 * @throws TooMuchToWorkOut
 */
export const simulate = (plan: Plan, range: DateRange): Simulation =>
  simulateCompiled(compilePlan(plan), range);

/** Hours without water, days and rules are looked up for every date to which runs go on. */
const LOOKS_AT_A_DATE = 100;

const datesOf = (runs: readonly BegunRun[]): number =>
  runs.length === 0 ? 0 : (runs.at(-1)!.end - runs[0]!.nominal) / SECONDS_PER_DAY;

/** The same, for a plan that is compiled already. */
export function simulateCompiled(compiled: CompiledPlan, range: DateRange): Simulation {
  const water = waterOf(compiled, range);
  return { ...water, collisions: collisionsAmong(water.nominal, compiled.budget) };
}

/** The same without collisions, where nobody asks for them. */
export function waterOf(compiled: CompiledPlan, range: DateRange): Omit<Simulation, 'collisions'> {
  const { plan, budget } = compiled;
  const nominal = nominalRuns(compiled, range);
  const runs = begunRuns(nominal, plan);
  budget.spend('looks', LOOKS_AT_A_DATE * datesOf(runs));
  return { nominal, runs, pieces: waterPieces(plan, runs) };
}
