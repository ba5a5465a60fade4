import { setStarts } from '../settings/index.js';
import { counted, listInWords } from '../words/index.js';
import { rule } from './finding.js';
import { counting } from './occurrences.js';

/** More starts than the timer takes for a program. */
export const tooManyStarts = rule('too-many-starts', 'error', ({ plan }) => {
  const most = plan.timer.startsPerProgram;
  return plan.programs
    .filter((program) => setStarts(program).length > most)
    .map(({ id, starts }) => {
      const beyond = starts.slice(most);
      return {
        program: id,
        startNumber: most + 1,
        message: `Program ${id} has ${starts.length} starts, and this timer takes ${most}: there is no place for ${listInWords(beyond)}.`,
        fix: `Drop ${counted(beyond.length, 'start')} of program ${id}, or move them to another program.`,
        ...counting(beyond.length),
      };
    });
});
