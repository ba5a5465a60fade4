import type { CompiledProgram } from '../compiled-plan.js';
import { percentGrid } from '../season-percent.js';
import { ALL_MONTHS } from './day-pattern.js';
import { followings, type Meetings } from './first-collision.js';

/** A percentage of the timer's grid, set for the whole timer: does anything ever collide? */
export interface GridPercent {
  readonly percent: number;
  readonly isClear: boolean;
}

/** Every percentage of the timer's grid, smallest first; none where it has no percentage. */
export function gridPercentsOf(meetings: Meetings): GridPercent[] {
  const { season } = meetings.compiled.plan.timer;
  if (!season) return [];
  const grid = percentGrid(season);
  const collidesAt = collisionByPercent(meetings, grid);
  return grid.map((percent) => ({ percent, isClear: !collidesAt(percent) }));
}

/**
 * The largest percentage of the timer's grid such that at it and at every smaller one, set for the
 * whole timer, nothing ever collides from `from` on. Null when even the smallest collides, or the
 * timer has no percentage.
 */
export function headroomOf(meetings: Meetings): number | null {
  const { season } = meetings.compiled.plan.timer;
  if (!season) return null;
  const grid = percentGrid(season);
  const firstColliding = grid.findIndex(collisionByPercent(meetings, grid));
  return (firstColliding < 0 ? grid.at(-1) : grid[firstColliding - 1]) ?? null;
}

/**
 * The days on which programs meet do not depend on the percentage, only how long runs are. So each
 * program has one length that it must not go beyond: the shortest time from one of its starts to a
 * start that really comes after it on some date. It is found once, for the longest run of the grid.
 */
function collisionByPercent(meetings: Meetings, grid: readonly number[]) {
  const programs = [...new Set(meetings.compiled.starts.map(({ program }) => program))];
  const limits = programs.map((program) => {
    const longest = grid.reduce((most, p) => Math.max(most, program.shapeAt(p).lengthSeconds), 0);
    return { program, limitSeconds: lengthLimit(program, longest, meetings) };
  });
  return (percent: number): boolean =>
    limits.some(
      ({ program, limitSeconds }) => program.shapeAt(percent).lengthSeconds > limitSeconds,
    );
}

/** How long a run of the program may be at most, looking no further than `longestSeconds`. */
function lengthLimit(program: CompiledProgram, longestSeconds: number, meetings: Meetings): number {
  const { starts, budget } = meetings.compiled;
  const waters = starts.filter((start) => start.program.shapeAt(100).pieces.length > 0);
  const after = starts
    .filter((start) => start.program === program)
    .flatMap((a) =>
      [...followings(a, waters, longestSeconds, budget)].map((next) => ({ a, ...next })),
    )
    .sort((x, y) => x.offsetSeconds - y.offsetSeconds);
  const nearest = after.find(
    ({ a, b, later }) => meetings.first(a, ALL_MONTHS, b, ALL_MONTHS, later) !== null,
  );
  return nearest?.offsetSeconds ?? Infinity;
}
