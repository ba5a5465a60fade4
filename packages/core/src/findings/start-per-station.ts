import { dayOf } from '../civil-time/index.js';
import { setStarts } from '../settings/index.js';
import { listInWords } from '../words/index.js';
import { rule } from './finding.js';
import { startsByTime, timedRuns } from './situation.js';

/** As many starts as stations, and they collide: each was meant for a station, but runs them all. */
export const startPerStation = rule('start-per-station', 'warning', ({ plan, allDates }) => {
  const collidesWithItself = new Set(
    allDates.collisions
      .filter(({ a, b }) => a.program.id === b.program.id && dayOf(a.nominal) === dayOf(b.nominal))
      .map(({ a }) => a.program.id),
  );
  return plan.programs
    .filter((program) => setStarts(program).length >= 2 && collidesWithItself.has(program.id))
    .filter((program) => program.starts.length === timedRuns(program).length)
    .map((program) => {
      const { id, starts } = program;
      const [first, ...others] = startsByTime(program);
      return {
        program: id,
        message: `Program ${id} has ${starts.length} starts for ${starts.length} stations, as if each station had its own; but every start runs all its stations, ${starts.length} times in all.`,
        fix:
          others.length > 0
            ? `Keep the start at ${first!} and drop ${listInWords(others)}: one start waters all stations, one after the other.`
            : `Keep one start at ${first!}: it waters all stations, one after the other.`,
      };
    });
});
