import { listInWords } from '../words/index.js';
import { rule } from './finding.js';
import { atBegin, stationWords } from './place-words.js';
import { timedRuns } from './situation.js';

/** A station that two or more programs water. */
export const stationTwice = rule('station-twice', 'warning', ({ plan, complete }) =>
  plan.stations.flatMap((station) => {
    const programs = complete
      .filter((program) => timedRuns(program).some((run) => run.station === station.number))
      .map(({ id }) => id);
    if (programs.length < 2) return [];
    return [
      {
        station: station.number,
        message: `${atBegin(stationWords(station))} gets water from ${programs.length} programs: ${listInWords(programs)}.`,
        fix: `Keep the minutes of station ${station.number} in one program, unless both are meant.`,
      },
    ];
  }),
);
