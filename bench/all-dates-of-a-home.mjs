import { parseDate } from '@water-clock/core/civil-time';
import { allDatesReport } from '@water-clock/core/engine';
import { randomHomes } from './random-homes.mjs';
import { median, quantile } from './statistics.mjs';

/** The first collision on any date and the headroom, of a thousand random homes. */
export function allDatesOfAHome() {
  const from = parseDate('2026-06-01');
  const homes = randomHomes();
  const ask = (home) => allDatesReport(home, from);
  homes.slice(0, 200).forEach(ask);
  const times = homes.map((home) => {
    const begin = performance.now();
    ask(home);
    return performance.now() - begin;
  });
  const spread = [quantile(times, 0.05), Math.max(...times)];
  const about = 'first collision ever and headroom, 1,000 random homes';
  return [
    { name: `${about}, median`, median: median(times), spread, unit: 'ms', goal: 0.5 },
    { name: `${about}, worst`, median: Math.max(...times), spread, unit: 'ms', goal: 60 },
  ];
}
