import { lengthInWords } from '../words/index.js';
import { rule } from './finding.js';
import { wrongTimes } from './timed-stations.js';

/** A station that is to water in pieces, on a timer that runs it in one go. */
export const cycleSoakUnsupported = rule('cycle-soak-unsupported', 'error', (situation) => {
  if (situation.plan.timer.cycleSoak !== null) return [];
  const cycleOf = (station: number) => situation.station(station).cycleSeconds ?? Infinity;
  return wrongTimes(
    situation,
    ({ station, seconds }) => seconds > cycleOf(station),
    ({ program, name, run: { station, seconds } }) => ({
      message: `Program ${program} runs ${name} for ${lengthInWords(seconds)} without a break: this timer has no cycle-and-soak to cut it at ${lengthInWords(cycleOf(station))}.`,
      fix: `Set ${lengthInWords(cycleOf(station))} or less, and let program ${program} start several times.`,
    }),
  );
});
