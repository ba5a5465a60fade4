import { parseDate } from '@water-clock/core/civil-time';
import { allDatesReport } from '@water-clock/core/engine';
import { randomHomes } from './random-homes.mjs';
import { median, quantile } from './statistics.mjs';

const FROM = parseDate('2026-06-01');
const WARM_UP = 200;

/** The first collision on any date and the headroom, of a thousand random homes of each version of the format. */
export function allDatesOfAHome() {
  const first = timesOf(randomHomes());
  const second = timesOf(randomHomes({ isOfSecondVersion: true }));
  const about = 'first collision ever and headroom, 1,000 random homes';
  const ofSecond = `${about} with hours, weather and windows`;
  const row = (name, times, value, goal) => ({
    ...{ name, median: value, unit: 'ms', goal },
    spread: [quantile(times, 0.05), Math.max(...times)],
  });
  return [
    row(`${about}, median`, first, median(first), 0.5),
    row(`${about}, worst`, first, Math.max(...first), 60),
    row(`${ofSecond}, median`, second, median(second), 0.5),
    row(`${ofSecond}, 99th percentile`, second, quantile(second, 0.99), 20),
  ];
}

function timesOf(homes) {
  const ask = (home) => allDatesReport(home, FROM);
  homes.slice(0, WARM_UP).forEach(ask);
  return homes.map((home) => {
    const begin = performance.now();
    ask(home);
    return performance.now() - begin;
  });
}
