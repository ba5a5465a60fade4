import { addSeconds } from '../../civil-time/index.js';
import type { FaultKind } from '../fault-kind.js';
import { moment, stationWords, timeWords } from '../in-words.js';

/** The timer does what its settings say. */
export const AS_SET: FaultKind<'as-set'> = {
  flows: (believed) => believed.inWeather(believed.asSet),
  size: () => 0,
  happens: (believed, _fault, seen) => {
    const flow =
      seen &&
      believed.asSet.find(
        ({ from, to, station }) =>
          (seen.station === null || seen.station === station) && from <= seen.to && to > seen.from,
      );
    if (!flow?.start) return 'the timer does what its settings say.';
    const { program, startNumber, nominal } = flow.start;
    const start = timeWords(addSeconds(nominal, -believed.offSeconds));
    return `the timer does what its settings say: program ${program}, start ${startNumber} at ${start}, waters ${stationWords(believed, flow.station)} from ${moment(flow.from)}.`;
  },
  shows: 'It waters at a time that nobody had in mind, and each time the same.',
  tells: 'Step through the starts and days of every program, also those that nobody uses.',
  check: () =>
    'Ask whether the household wants it at that time: read the start times and days of that program with them.',
  mend: () =>
    'Nothing is wrong with it: change the settings where the household wants it otherwise.',
};
