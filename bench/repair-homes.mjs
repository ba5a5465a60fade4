import { check } from '@water-clock/core/findings';
import { repair } from '@water-clock/core/repair';
import { brokenHome } from '../packages/core/dist/repair/testing/broken-home.js';
import { byOneChange } from '../packages/core/dist/repair/testing/one-change.js';
import { judge } from '../packages/core/dist/repair/testing/judge.js';
import { median, quantile } from './statistics.mjs';

const HOMES = 500;
const SMALL_HOMES = 40;
const LIMIT_MS = 1300;

function homesFrom(seed, count, stations) {
  const homes = [];
  for (let at = seed; homes.length < count; at++) {
    const home = brokenHome(at, stations);
    if (home) homes.push(home);
  }
  return homes;
}

function repaired({ plan, from, known }) {
  const begin = performance.now();
  const found = repair(plan, from, { now: () => performance.now(), limitMs: LIMIT_MS });
  const ms = performance.now() - begin;
  const holds =
    found.isRepaired && judge(plan, from, found.plan, found.changes.length).length === 0;
  return { ms, holds, known, count: found.changes.length, isProven: found.isProven };
}

/** Whether some single change of all that there are does, where the repair says that it takes two. */
const isMissed = ({ plan, from }) => {
  for (const changed of byOneChange(plan))
    if (
      check(changed, from).every(({ severity }) => severity === 'info') &&
      judge(plan, from, changed, 1).length === 0
    )
      return true;
  return false;
};

/** Homes of up to 24 stations, broken in one to three places: are they repaired, with how few changes, how soon? */
export function repairHomes() {
  homesFrom(1, 20, 24).forEach(repaired);
  const all = homesFrom(1000, HOMES, 24).map(repaired);
  const times = all.map(({ ms }) => ms);
  const spread = [quantile(times, 0.05), Math.max(...times)];
  const share = (some, of) => (100 * some.length) / of.length;
  const least = ({ known, count, holds }) => (holds ? Math.min(known, count) : known);
  const provenOf = (changes) => {
    const of = all.filter((one) => least(one) === changes);
    return share(
      of.filter(({ isProven }) => isProven),
      of,
    );
  };
  const small = homesFrom(7000, SMALL_HOMES, 3);
  const asFew = small.filter((home) => {
    const { count, holds } = repaired(home);
    return holds && (count === 1 || (count <= home.known && !isMissed(home)));
  });
  const row = (name, value, goal) => ({
    ...{ name, median: value, spread: [value, value] },
    ...{ unit: '%', goal, isMore: true },
  });
  return [
    {
      ...{ name: `a repair, ${HOMES} broken homes, median`, median: median(times), spread },
      ...{ unit: 'ms', goal: 100 },
    },
    {
      ...{ name: 'a repair, 99th percentile', median: quantile(times, 0.99), spread },
      ...{ unit: 'ms', goal: 2000 },
    },
    row(
      'broken homes repaired so that all holds',
      share(
        all.filter(({ holds }) => holds),
        all,
      ),
      100,
    ),
    row(
      'with at most the known number of changes',
      share(
        all.filter(({ holds, count, known }) => holds && count <= known),
        all,
      ),
      95,
    ),
    row('fewest proven, of those that one change repairs', provenOf(1), 95),
    row('fewest proven, of those that two repair', provenOf(2), 80),
    row(
      `${SMALL_HOMES} homes of up to 3 stations: as few as by going through every single change`,
      share(asFew, small),
      100,
    ),
  ];
}
