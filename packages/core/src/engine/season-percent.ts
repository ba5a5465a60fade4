import { parseDate, type DayNumber } from '../civil-time/index.js';
import { exhaustive } from '../kernel/index.js';
import type { Plan, ProgramSettings } from '../settings/index.js';
import type { SeasonCapability } from '../timer-types/index.js';
import type { DayFacts } from './day-predicate.js';

/** What a percentage goes by: all that is set, and the weather's own percentages. */
type OfPlan = Pick<Plan, 'timer' | 'controller' | 'weather'>;

/** The percentages that may be in force for a program in a month, 1 to 12; more than one only where the weather sets it. */
export function percentsIn(
  { timer, controller: { season } }: OfPlan,
  program: Pick<ProgramSettings, 'percent'>,
  month: number,
): readonly number[] {
  switch (season.mode) {
    case 'whole':
      return [season.percent];
    case 'program':
      return [program.percent];
    case 'monthly':
      return [season.percents[month - 1]!];
    case 'weather': {
      const { leastPercent, mostPercent } = season;
      const between = timer.season
        ? percentGrid(timer.season).filter((p) => p > leastPercent && p < mostPercent)
        : [];
      return [...new Set([leastPercent, ...between, mostPercent])];
    }
    default:
      return exhaustive(season);
  }
}

/** The percentage in force for a program on a date, by the date. */
export function percentByDate(
  plan: OfPlan,
  program: Pick<ProgramSettings, 'percent'>,
): (facts: Pick<DayFacts, 'day' | 'month'>) => number {
  const { timer, controller, weather } = plan;
  const { season } = controller;
  if (season.mode !== 'weather') return ({ month }) => percentsIn(plan, program, month)[0]!;
  const asked = new Map<DayNumber, number>(
    (weather?.percents ?? []).map(({ date, percent }) => [parseDate(date)!, percent]),
  );
  return ({ day }) => {
    const onGrid = downToGrid(asked.get(day) ?? 100, timer.season);
    return Math.min(season.mostPercent, Math.max(season.leastPercent, onGrid));
  };
}

/** The percentage in force for a program on one date. */
export const percentOn = (
  plan: OfPlan,
  program: Pick<ProgramSettings, 'percent'>,
  facts: Pick<DayFacts, 'day' | 'month'>,
): number => percentByDate(plan, program)(facts);

/** A percentage rounded down to one that the timer can be set to; below the least of them the least. */
function downToGrid(percent: number, season: SeasonCapability | null): number {
  if (season === null) return percent;
  const { minPercent, maxPercent, stepPercent } = season;
  const steps = Math.floor((Math.min(percent, maxPercent) - minPercent) / stepPercent);
  return minPercent + Math.max(0, steps) * stepPercent;
}

/** The percentages that a timer can be set to, smallest first. */
export function percentGrid({ minPercent, maxPercent, stepPercent }: SeasonCapability): number[] {
  const grid: number[] = [];
  for (let percent = minPercent; percent <= maxPercent; percent += stepPercent) grid.push(percent);
  return grid;
}

/**
 * A run time under a percentage, rounded half up to whole units; at least one unit, unless the time
 * or the percentage is 0. At 100 % it is the time itself, rounded or not.
 * @example scaledSeconds(600, 25, 60) // 180
 */
export function scaledSeconds(seconds: number, percent: number, roundToSeconds: number): number {
  if (percent === 100) return seconds;
  if (seconds === 0 || percent === 0) return 0;
  const units = Math.floor((2 * seconds * percent + 100 * roundToSeconds) / (200 * roundToSeconds));
  return Math.max(1, units) * roundToSeconds;
}
