import { hasStart, type ProgramSettings } from '../settings/index.js';
import { daysLong, listInWords } from '../words/index.js';
import { rule } from './finding.js';
import { startsByTime, timedRuns } from './situation.js';

/** A program that starts, and opens nothing. */
export const missingRunTime = rule('missing-run-time', 'error', ({ plan }) =>
  plan.programs
    .filter((program) => program.enabled && hasStart(program))
    .filter((program) => timedRuns(program).length === 0)
    .map((program) => ({
      program: program.id,
      message: `Program ${program.id} starts ${whenInWords(program)} but has minutes for no station, so nothing opens.`,
      fix: `Give the stations of program ${program.id} their minutes, or clear its starts.`,
    })),
);

const whenInWords = (program: ProgramSettings): string =>
  program.days.mode === 'hours'
    ? daysLong(program.days, [])
    : `at ${listInWords(startsByTime(program))}`;
