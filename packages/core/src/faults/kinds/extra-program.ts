import { addSeconds, parseTimeOfDay, startOfDay } from '../../civil-time/index.js';
import { lengthInWords, listInWords, shortDate } from '../../words/index.js';
import type { Believed } from '../believed.js';
import type { FaultOf } from '../fault.js';
import type { FaultKind } from '../fault-kind.js';
import type { Flow } from '../flow.js';
import { stationWords } from '../in-words.js';

const A_MINUTE = 60;
const MOST_DATES_TOLD = 4;

/** Something of one station is left over in another program, on days of its own. */
export const EXTRA_PROGRAM: FaultKind<'extra-program'> = {
  flows: (believed, fault) => [
    ...believed.inWeather(believed.asSet),
    ...leftoverFlows(believed, fault),
  ],
  size: ({ dates }) => dates.length,
  happens: (believed, { station, time, seconds, dates }) => {
    const told = listInWords(dates.slice(0, MOST_DATES_TOLD).map((day) => shortDate(day)));
    const more = dates.length > MOST_DATES_TOLD ? ' and more' : '';
    const length = lengthInWords(Math.round(seconds / A_MINUTE) * A_MINUTE);
    return `something is left over in another program, and ${stationWords(believed, station)} waters at ${time} for about ${length}, on days of its own (${told}${more}).`;
  },
  shows: 'A station waters beside its times, on days that no program in use has.',
  tells: 'Step through every program, also those that nobody uses.',
  check: ({ station }) =>
    `Step through the programs that nobody uses: does one hold a start and a run time for station ${station}?`,
  mend: () => 'Take the starts and run times out of the program that nobody uses.',
};

/** What is left over alone. */
export function leftoverFlows(
  believed: Believed,
  { station, time, seconds, dates }: FaultOf<'extra-program'>,
): Flow[] {
  const ofDay = parseTimeOfDay(time)! * A_MINUTE - believed.offSeconds;
  const flows = dates.map((day): Flow => {
    const from = addSeconds(startOfDay(day), ofDay);
    const to = addSeconds(from, seconds);
    return { station, from, to, run: `left over ${day}`, runEnd: to, start: null };
  });
  return believed.inWeather(flows);
}
