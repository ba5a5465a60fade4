import { parseDate } from '@water-clock/core/civil-time';
import { together } from '@water-clock/core/engine';
import { randomHomes } from './random-homes.mjs';
import { median, quantile } from './statistics.mjs';

const RANGE = { from: parseDate('2026-06-01'), days: 60 };
const WARM_UP = 100;

/** Whether two timers on one supply ever meet, and their flows in sixty days, of five hundred random pairs. */
export function timersTogether() {
  const homes = randomHomes({ isOfSecondVersion: true });
  const pairs = homes.slice(0, 500).map((home, index) => [home, homes[500 + index]]);
  const ask = (pair) => together(pair, RANGE);
  pairs.slice(0, WARM_UP).forEach(ask);
  const times = pairs.map((pair) => {
    const begin = performance.now();
    ask(pair);
    return performance.now() - begin;
  });
  return {
    name: 'two timers on one supply, 500 random pairs',
    median: median(times),
    spread: [quantile(times, 0.05), quantile(times, 0.95)],
    unit: 'ms',
    goal: 2,
  };
}
