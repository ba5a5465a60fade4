import { lengthInWords } from '../words/index.js';
import { rule } from './finding.js';
import { wrongTimes } from './timed-stations.js';

/** A station time below the timer's least. */
export const runTooShort = rule('run-too-short', 'error', (situation) => {
  const least = situation.plan.timer.runTime.minSeconds;
  return wrongTimes(
    situation,
    ({ seconds }) => seconds < least,
    ({ program, name, run }) => ({
      message: `Program ${program} gives ${name} ${lengthInWords(run.seconds)}, and this timer takes no less than ${lengthInWords(least)}.`,
      fix: `Set ${lengthInWords(least)} or more, or remove the station from program ${program}.`,
    }),
  );
});
