import { counted } from '../words/index.js';
import { rule } from './finding.js';
import { atBegin, stationWords } from './place-words.js';

/** A station for which the timer has no terminal. */
export const stationBeyondTimer = rule('station-beyond-timer', 'error', ({ plan }) =>
  plan.stations
    .filter(({ number }) => number > plan.timer.stations)
    .map((station) => ({
      station: station.number,
      message: `${atBegin(stationWords(station))} is beyond this timer, which has ${counted(plan.timer.stations, 'station')}.`,
      fix: `Number it up to ${plan.timer.stations}, or say that the timer has more stations.`,
    })),
);
