import { lengthInWords } from '../words/index.js';
import { rule } from './finding.js';
import { wrongTimes } from './timed-stations.js';

/** A station time between two that the timer can be set to. */
export const runOffStep = rule('run-off-step', 'error', (situation) => {
  const step = situation.plan.timer.runTime.stepSeconds;
  return wrongTimes(
    situation,
    ({ seconds }) => seconds % step !== 0,
    ({ program, name, run: { seconds } }) => {
      const below = Math.floor(seconds / step) * step;
      const choices = [below, below + step].filter((choice) => choice > 0).map(lengthInWords);
      return {
        message: `Program ${program} gives ${name} ${lengthInWords(seconds)}, and this timer sets times in steps of ${lengthInWords(step)}.`,
        fix: `Set ${choices.join(' or ')}.`,
      };
    },
  );
});
