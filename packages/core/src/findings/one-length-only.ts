import { lengthInWords } from '../words/index.js';
import { rule } from './finding.js';
import { timedRuns } from './situation.js';

/** Different times in a program that has one length for all its stations. */
export const oneLengthOnly = rule('one-length-only', 'error', ({ plan }) => {
  if (plan.timer.runTime.scope === 'station') return [];
  return plan.programs.flatMap((program) => {
    const lengths = [...new Set(timedRuns(program).map(({ seconds }) => seconds))];
    if (lengths.length < 2) return [];
    const [least, most] = [Math.min(...lengths), Math.max(...lengths)].map(lengthInWords);
    return [
      {
        program: program.id,
        message: `Program ${program.id} has times from ${least!} to ${most!}, and this timer has one length for all stations of a program.`,
        fix: `Set one length for all stations of program ${program.id}, or put stations that need another into another program.`,
      },
    ];
  });
});
