import { lengthInWords } from '../words/index.js';
import { rule } from './finding.js';
import { wrongTimes } from './timed-stations.js';

/** A station time above the timer's most. */
export const runTooLong = rule('run-too-long', 'error', (situation) => {
  const most = situation.plan.timer.runTime.maxSeconds;
  return wrongTimes(
    situation,
    ({ seconds }) => seconds > most,
    ({ program, name, run }) => ({
      message: `Program ${program} gives ${name} ${lengthInWords(run.seconds)}, and this timer takes no more than ${lengthInWords(most)}.`,
      fix: `Set ${lengthInWords(most)} or less, and let the program start twice if that is too little.`,
    }),
  );
});
