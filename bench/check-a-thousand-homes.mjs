import { parseDate } from '@water-clock/core/civil-time';
import { check } from '@water-clock/core/findings';
import { randomHomes } from './random-homes.mjs';
import { median, quantile } from './statistics.mjs';

const ROUNDS = 7;

/** How many homes are checked in a second, on one core; each home with all its findings. */
export function checkAThousandHomes() {
  const from = parseDate('2026-06-01');
  const homes = randomHomes();
  homes.slice(0, 200).forEach((home) => check(home, from));
  const rates = Array.from({ length: ROUNDS }, () => {
    const begin = performance.now();
    for (const home of homes) check(home, from);
    return homes.length / ((performance.now() - begin) / 1000);
  });
  return {
    name: 'check, 1,000 random homes with rules, one core',
    median: median(rates),
    spread: [quantile(rates, 0), quantile(rates, 1)],
    unit: 'homes/s',
    goal: 1000,
    isMore: true,
  };
}
