import { startOfDay, type DayNumber } from '../../civil-time/index.js';
import type { Plan } from '../../settings/index.js';
import { clockErrorSeconds } from '../clock-error.js';
import { compilePlan, type CompiledPlan } from '../compiled-plan.js';
import { withoutRainAndFrost } from '../without-rain-and-frost.js';

/** One of several timers on one supply. */
export interface TimerOnSupply {
  /** Its place among them, from 0. */
  readonly place: number;
  readonly compiled: CompiledPlan;
  /** By how much its clock is ahead of true time. */
  readonly aheadSeconds: number;
}

/** Timers in their order; what the sensors see is left out, a percentage of the weather stays. */
export const timersOnSupply = (plans: readonly Plan[]): TimerOnSupply[] =>
  plans.map((plan, place) => ({
    place,
    compiled: compilePlan(withoutRainAndFrost(plan)),
    aheadSeconds: clockErrorSeconds(plan.controller),
  }));

/** The timer's own time at a true midnight. */
export const ownTimeAt = (midnight: DayNumber, { aheadSeconds }: TimerOnSupply): number =>
  startOfDay(midnight) + aheadSeconds;
