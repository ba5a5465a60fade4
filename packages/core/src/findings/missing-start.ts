import { hasStart } from '../settings/index.js';
import { counted } from '../words/index.js';
import { rule } from './finding.js';
import { timedRuns } from './situation.js';

/** A program with station time that no start time ever sets off. */
export const missingStart = rule('missing-start', 'error', ({ plan }) =>
  plan.programs
    .filter((program) => program.enabled && !hasStart(program))
    .filter((program) => timedRuns(program).length > 0)
    .map((program) => ({
      program: program.id,
      message: `Program ${program.id} has minutes for ${counted(timedRuns(program).length, 'station')} but no start time, so it never begins.`,
      fix: `Give program ${program.id} a start time, or clear its minutes.`,
    })),
);
