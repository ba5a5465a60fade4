import { rule } from './finding.js';
import { atBegin, stationWords } from './place-words.js';
import { timedRuns } from './situation.js';

/** A station that is on, and that no program waters. */
export const stationIdle = rule('station-idle', 'warning', ({ plan, complete }) => {
  const watered = new Set(complete.flatMap(timedRuns).map((run) => run.station));
  return plan.stations
    .filter(({ enabled, number }) => enabled && !watered.has(number))
    .map((station) => ({
      station: station.number,
      message: `${atBegin(stationWords(station))} is switched on but gets no water: no program that waters has minutes for it.`,
      fix: `Give station ${station.number} minutes in a program, or switch it off.`,
    }));
});
