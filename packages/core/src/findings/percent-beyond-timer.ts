import { percentGrid } from '../engine/index.js';
import { exhaustive } from '../kernel/index.js';
import type { SeasonCapability } from '../timer-types/index.js';
import { listInWords, MONTHS } from '../words/index.js';
import { rule, type FindingFacts } from './finding.js';
import { counting } from './occurrences.js';
import type { Situation } from './situation.js';

/** A season percentage that the timer cannot be set to, or in a way that it does not have. */
export const percentBeyondTimer = rule('percent-beyond-timer', 'error', find);

const WAYS = {
  whole: 'one for all',
  program: 'by program',
  monthly: 'by month',
  weather: 'by the weather',
} as const;

function find({ plan }: Situation): FindingFacts[] {
  const capability = plan.timer.season;
  const { season } = plan.controller;
  const lacksMode = capability !== null && !capability.modes.includes(season.mode);
  switch (season.mode) {
    case 'whole':
      if (fits(season.percent, capability) && (!lacksMode || season.percent === 100)) return [];
      return [
        told(
          `The season percentage is ${season.percent} %`,
          season.percent,
          capability,
          lacksMode && 'whole',
        ),
      ];
    case 'program':
      return plan.programs
        .filter(({ percent }) => lacksMode || !fits(percent, capability))
        .map(({ id, percent }) => ({
          program: id,
          ...told(
            `Program ${id} has ${percent} % of its own`,
            percent,
            capability,
            lacksMode && 'program',
          ),
        }));
    case 'monthly': {
      const months = season.percents.flatMap((percent, month) =>
        lacksMode || !fits(percent, capability) ? { percent, month } : [],
      );
      const [first] = months;
      if (!first) return [];
      const subject = `The percentage of ${MONTHS[first.month]!} is ${first.percent} %`;
      return [
        {
          ...told(subject, first.percent, capability, lacksMode && 'monthly'),
          ...counting(months.length),
        },
      ];
    }
    case 'weather': {
      const { leastPercent, mostPercent } = season;
      const wrong = [
        { percent: leastPercent, name: 'least' },
        { percent: mostPercent, name: 'most' },
      ].filter(({ percent }) => lacksMode || !fits(percent, capability));
      const [first] = wrong;
      if (!first) return [];
      return [
        told(
          `The ${first.name} that the weather may set is ${first.percent} %`,
          first.percent,
          capability,
          lacksMode && 'weather',
        ),
      ];
    }
    default:
      return exhaustive(season);
  }
}

/** 100 % fits every timer. */
const fits = (percent: number, season: SeasonCapability | null): boolean =>
  percent === 100 ||
  (season !== null &&
    percent >= season.minPercent &&
    percent <= season.maxPercent &&
    (percent - season.minPercent) % season.stepPercent === 0);

function told(
  subject: string,
  percent: number,
  season: SeasonCapability | null,
  lacked: keyof typeof WAYS | false,
): Pick<FindingFacts, 'message' | 'fix'> {
  if (season === null)
    return {
      message: `${subject}, but this timer has no season percentage.`,
      fix: 'Set 100 %, and change the run times themselves.',
    };
  if (lacked)
    return {
      message: `${subject}, but this timer sets its percentage ${listInWords(season.modes.map((mode) => WAYS[mode])) || 'in no way'}, not ${WAYS[lacked]}.`,
      fix: `Set the percentage ${season.modes.map((mode) => WAYS[mode]).join(' or ') || 'to 100 %'}.`,
    };
  const { minPercent, maxPercent, stepPercent } = season;
  const grid = percentGrid(season);
  const nearest = grid.reduce(
    (best, choice) => (Math.abs(choice - percent) < Math.abs(best - percent) ? choice : best),
    grid[0] ?? 100,
  );
  return {
    message: `${subject}, and this timer takes ${minPercent} to ${maxPercent} % in steps of ${stepPercent}.`,
    fix: `Set ${nearest} %.`,
  };
}
