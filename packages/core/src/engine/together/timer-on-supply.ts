import { startOfDay, type DayNumber } from '../../civil-time/index.js';
import type { Plan } from '../../settings/index.js';
import { dayPattern, type DayPattern } from '../all-dates/day-pattern.js';
import { clockErrorSeconds } from '../clock-error.js';
import { compilePlan, type CompiledPlan, type CompiledStart } from '../compiled-plan.js';

/** One of several timers on one supply. */
export interface TimerOnSupply {
  /** Its place among them, from 0. */
  readonly place: number;
  readonly compiled: CompiledPlan;
  /** By how much its clock is ahead of true time. */
  readonly aheadSeconds: number;
  readonly patternOf: (start: CompiledStart) => DayPattern;
}

/** Timers in their order; what the sensors see is left out, a percentage of the weather stays. */
export const timersOnSupply = (plans: readonly Plan[]): TimerOnSupply[] =>
  plans.map((plan, place) => {
    const weather = { rain: [], freeze: [], percents: plan.weather?.percents ?? [] };
    const settings = new Map(plan.programs.map((program) => [program.id, program]));
    const patterns = new Map<CompiledStart['watersOn'], DayPattern>();
    return {
      place,
      compiled: compilePlan({ ...plan, weather }),
      aheadSeconds: clockErrorSeconds(plan.controller),
      patternOf: ({ program, watersOn, turn }) => {
        let pattern = patterns.get(watersOn);
        if (!pattern) {
          pattern = dayPattern(plan, settings.get(program.id)!, turn);
          patterns.set(watersOn, pattern);
        }
        return pattern;
      },
    };
  });

/** The timer's own time at a true midnight. */
export const ownTimeAt = (midnight: DayNumber, { aheadSeconds }: TimerOnSupply): number =>
  startOfDay(midnight) + aheadSeconds;
