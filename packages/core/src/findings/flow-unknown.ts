import type { Plan, ProgramSettings } from '../settings/index.js';
import { listInWords } from '../words/index.js';
import { rule } from './finding.js';
import { timedRuns } from './situation.js';

/** Stations may be open together, and of one of them nobody knows what it takes. */
export const flowUnknown = rule('flow-unknown', 'info', (situation) => {
  const { plan, complete } = situation;
  if (plan.site?.supplyLpm === undefined) return [];
  const watered = complete.filter((program) => opensSeveral(plan, program)).flatMap(timedRuns);
  const stations = [...new Set(watered.map(({ station }) => station))]
    .filter((number) => situation.station(number).flowLpm === undefined)
    .sort((a, b) => a - b);
  if (stations.length === 0) return [];
  const one = stations.length === 1;
  return [
    {
      message: `Several stations may be open at once, and the flow of ${one ? 'station' : 'stations'} ${listInWords(stations.map(String))} is not known: the supply may not be enough.`,
      fix: `Measure the flow of ${one ? 'this station' : 'these stations'}, or open one station at a time.`,
      stations,
    },
  ];
});

const opensSeveral = ({ timer }: Plan, { concurrent }: ProgramSettings): boolean =>
  Math.min(timer.maxConcurrentStations, concurrent) > 1;
