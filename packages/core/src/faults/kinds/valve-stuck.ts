import { asTimerSeconds } from '../../civil-time/index.js';
import type { Believed } from '../believed.js';
import type { FaultKind } from '../fault-kind.js';
import type { Flow } from '../flow.js';
import { firstOf, moment, stationWords, timeWords } from '../in-words.js';

/** A valve does not close: it is open from its opening to the end of that run, or all the time. */
export const VALVE_STUCK: FaultKind<'valve-stuck'> = {
  flows: (believed, { station, isAlways }) =>
    isAlways ? alwaysOpen(believed, station) : openToTheEnd(believed, station),
  size: ({ isAlways }) => (isAlways ? 1 : 0),
  happens: (believed, { station, isAlways }) => {
    const what = `the valve of ${stationWords(believed, station)} does not close`;
    if (isAlways) return `${what}, and is open all the time.`;
    const flow = firstOf(believed, station);
    const when = flow ? `: open from ${moment(flow.from)} to ${timeWords(flow.runEnd)}` : '';
    return `${what}, and stays open until its run ends${when}.`;
  },
  shows: 'Water flows at that station when others are on, or all the time.',
  tells: 'Turn the timer off: does water still come from it?',
  check: ({ station }) =>
    `Turn the timer off: does water still come from station ${station}? Look for grit in its valve.`,
  mend: () => 'Shut the water off, open the valve, and clean out grit or change its diaphragm.',
  caution:
    'Shut the water off first: a valve under pressure throws its parts. Wet paths are slippery.',
};

function alwaysOpen(believed: Believed, station: number): Flow[] {
  const { from, to } = believed.watch;
  return [
    ...believed.inWeather(believed.asSet).filter((flow) => flow.station !== station),
    { station, from, to, run: 'stuck', runEnd: to, start: null },
  ];
}

function openToTheEnd(believed: Believed, station: number): Flow[] {
  const opened = new Set<string>();
  return believed.inWeather(believed.asSet).flatMap((flow) => {
    if (flow.station !== station) return flow;
    if (opened.has(flow.run)) return [];
    opened.add(flow.run);
    return { ...flow, to: asTimerSeconds(Math.max(flow.to, flow.runEnd)) };
  });
}
