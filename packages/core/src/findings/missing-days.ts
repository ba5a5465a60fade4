import { rule } from './finding.js';
import { hasDays, timedRuns } from './situation.js';

/** A program that is set, but for no day of the week. */
export const missingDays = rule('missing-days', 'error', ({ plan }) =>
  plan.programs
    .filter((program) => program.enabled && !hasDays(program))
    .filter((program) => program.starts.length > 0 || timedRuns(program).length > 0)
    .map(({ id }) => ({
      program: id,
      message: `Program ${id} has no water days chosen, so it never waters.`,
      fix: `Choose the water days of program ${id}, or clear the program.`,
    })),
);
