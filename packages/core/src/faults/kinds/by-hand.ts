import { addSeconds } from '../../civil-time/index.js';
import { lengthInWords } from '../../words/index.js';
import type { Believed } from '../believed.js';
import type { FaultOf, HandRun } from '../fault.js';
import type { FaultKind } from '../fault-kind.js';
import type { Flow } from '../flow.js';
import { moment, stationWords } from '../in-words.js';

/** Somebody ran a station, a program or all by hand, once, beside what is set. */
export const BY_HAND: FaultKind<'by-hand'> = {
  flows: (believed, fault) => [...believed.inWeather(believed.asSet), ...handFlows(fault)],
  size: ({ pieces }) => pieces.length,
  happens: (believed, { run, at }) =>
    `somebody ran ${ranWords(believed, run)} by hand, once, from ${moment(at)}, beside what is set.`,
  shows: 'It watered once, at no time that is set, and never again.',
  tells: 'Ask who was there then.',
  check: () => 'Ask who was there then, and whether anybody ran something by hand.',
  mend: () => 'Nothing is wrong with it: tell the household what ran, and that it was once.',
};

/** What was run by hand alone. */
export const handFlows = ({ at, pieces }: FaultOf<'by-hand'>): Flow[] =>
  pieces.map(({ station, fromSeconds, toSeconds }) => {
    const to = addSeconds(at, toSeconds);
    return {
      ...{ station, from: addSeconds(at, fromSeconds), to },
      ...{ run: 'by hand', runEnd: to, start: null },
    };
  });

function ranWords(believed: Believed, run: HandRun): string {
  switch (run.of) {
    case 'station':
      return stationWords(believed, run.station);
    case 'program':
      return `program ${run.program}`;
    case 'all':
      return `all stations, ${lengthInWords(run.seconds)} each,`;
  }
}
