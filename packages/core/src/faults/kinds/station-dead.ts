import type { FaultKind } from '../fault-kind.js';
import { firstOf, moment, stationWords } from '../in-words.js';

/** Wire, coil or valve: a station never opens, and the timer spends its time on it all the same. */
export const STATION_DEAD: FaultKind<'station-dead'> = {
  flows: (believed, fault) =>
    believed.inWeather(believed.asSet).filter(({ station }) => station !== fault.station),
  size: () => 0,
  happens: (believed, { station }) => {
    const flow = firstOf(believed, station);
    const when = flow ? `, from ${moment(flow.from)} on` : '';
    return `${stationWords(believed, station)} never opens, though the timer spends its time on it${when}.`;
  },
  shows: 'One station stays dry, though the timer spends its time on it.',
  tells: 'Run it by hand, and measure at its terminal.',
  check: ({ station }) =>
    `Run station ${station} by hand, and measure its coil: open, short, or fine?`,
  mend: () =>
    'An open reading: splice or wire or coil; a short one: the coil; a fine one: grit or flow control at the valve.',
  caution: 'Power off before a wire is touched; a valve box may hold glass, wasps or a spider.',
};
