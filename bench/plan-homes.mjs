import { percentGrid } from '@water-clock/core/engine';
import { planBrief, readBrief } from '@water-clock/core/planner';
import { judge } from '../packages/core/dist/planner/testing/judge.js';
import { drawFrom, randomBrief } from '../packages/core/dist/planner/testing/random-brief.js';
import { exactly } from './exact-small-homes.mjs';
import { median, quantile } from './statistics.mjs';

const HOMES = 500;
const SMALL_HOMES = 60;

function planned(seed, shape) {
  const { document } = randomBrief(drawFrom(seed), shape);
  const brief = readBrief(document);
  if (!brief.ok) throw new Error(JSON.stringify(brief.trouble));
  const begin = performance.now();
  const answer = planBrief(document, brief.value, {
    now: () => performance.now(),
    withNearest: false,
  });
  return { brief: brief.value, answer, ms: performance.now() - begin };
}

/** Plans for random homes, each judged; and small ones against going through every setting. */
export function planHomes() {
  for (let seed = 1; seed <= 20; seed++) planned(seed, { stations: 24, isCoarse: false });
  const homes = Array.from({ length: HOMES }, (_, index) =>
    planned(1000 + index, { stations: 24, isCoarse: false }),
  );
  const times = homes.map(({ ms }) => ms);
  const holding = homes.filter(
    ({ brief, answer }) => answer.feasible && judge(brief, answer.document).length === 0,
  );
  const proven = homes.filter(({ answer }) => answer.feasible && answer.isProven);
  const small = Array.from({ length: SMALL_HOMES }, (_, index) =>
    planned(5000 + index, { stations: 4, isCoarse: true }),
  );
  const alike = small.filter(({ brief, answer }) => {
    const { season } = brief.timer;
    const headroom = season
      ? percentGrid(season).find((percent) => percent >= brief.rules.headroomPercent)
      : 100;
    const exact = exactly(brief, headroom);
    return answer.feasible && exact?.programs === answer.programs && exact.starts === answer.starts;
  });
  const spread = [quantile(times, 0.05), Math.max(...times)];
  const share = (some, all) => (100 * some.length) / all.length;
  const row = (name, median, unit, goal, isMore) => ({
    name,
    median,
    spread: [median, median],
    unit,
    goal,
    isMore,
  });
  return [
    {
      name: `a plan, ${HOMES} random homes, median`,
      median: median(times),
      spread,
      unit: 'ms',
      goal: 150,
    },
    {
      name: 'a plan, 99th percentile',
      median: quantile(times, 0.99),
      spread,
      unit: 'ms',
      goal: 2000,
    },
    row('plans that hold', share(holding, homes), '%', 100, true),
    row('fewest programs proven', share(proven, homes), '%', 98, true),
    row(
      `${SMALL_HOMES} small homes: as few programs and starts as by going through all`,
      share(alike, small),
      '%',
      100,
      true,
    ),
  ];
}
