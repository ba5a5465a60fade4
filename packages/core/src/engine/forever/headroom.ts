import type { SeasonCapability } from '../../timer-kinds/index.js';
import type { CompiledProgram } from '../compiled-plan.js';
import { ALL_MONTHS } from './day-pattern.js';
import { followings, type Meetings } from './first-collision.js';

/** The percentages that a timer can be set to, smallest first. */
export function percentGrid({ minPercent, maxPercent, stepPercent }: SeasonCapability): number[] {
  const grid: number[] = [];
  for (let percent = minPercent; percent <= maxPercent; percent += stepPercent) grid.push(percent);
  return grid;
}

/**
 * The largest percentage of the timer's grid such that at it and at every smaller one, set for the
 * whole timer, nothing ever collides from `from` on. Null when even the smallest collides, or the
 * timer has no percentage.
 *
 * The days on which programs meet do not depend on the percentage, only how long runs are. So each
 * program has one length that it must not go beyond: the shortest time from one of its starts to a
 * start that really comes after it on some date. It is found once, for the longest run of the grid.
 */
export function headroomOf(meetings: Meetings): number | null {
  const { season } = meetings.compiled.plan.timer;
  if (!season) return null;
  const programs = [...new Set(meetings.compiled.starts.map(({ program }) => program))];
  const grid = percentGrid(season);
  const limits = programs.map((program) => {
    const longest = grid.reduce((most, p) => Math.max(most, program.shapeAt(p).lengthSeconds), 0);
    return { program, limitSeconds: lengthLimit(program, longest, meetings) };
  });
  const firstColliding = grid.findIndex((percent) =>
    limits.some(
      ({ program, limitSeconds }) => program.shapeAt(percent).lengthSeconds > limitSeconds,
    ),
  );
  return (firstColliding < 0 ? grid.at(-1) : grid[firstColliding - 1]) ?? null;
}

/** How long a run of the program may be at most, looking no further than `longestSeconds`. */
function lengthLimit(program: CompiledProgram, longestSeconds: number, meetings: Meetings): number {
  const { starts } = meetings.compiled;
  const waters = starts.filter((start) => start.program.shapeAt(100).pieces.length > 0);
  const after = starts
    .filter((start) => start.program === program)
    .flatMap((a) => [...followings(a, waters, longestSeconds)])
    .sort((x, y) => x.offsetSeconds - y.offsetSeconds);
  const nearest = after.find(
    ({ b, later }) => meetings.first(program, ALL_MONTHS, b.program, ALL_MONTHS, later) !== null,
  );
  return nearest?.offsetSeconds ?? Infinity;
}
