import { percentsIn } from '../engine/index.js';
import { exhaustive } from '../kernel/index.js';
import type { Plan } from '../settings/index.js';
import { MONTHS_SHORT } from '../words/index.js';
import { rule } from './finding.js';

const MONTH_NUMBERS = Array.from({ length: 12 }, (_, index) => index + 1);

/** Run times are made longer or shorter by a percentage. */
export const seasonScaled = rule('season-scaled', 'info', ({ plan }) => {
  const isScaled = plan.programs.some(
    (program) =>
      program.enabled &&
      MONTH_NUMBERS.some((month) => percentsIn(plan, program, month).some((one) => one !== 100)),
  );
  if (!plan.timer.season || !isScaled) return [];
  return [
    {
      message: `The season percentage is not 100 %: ${whichPercent(plan)}.`,
      fix: 'Leave it if it is meant for the season; run times are entered at 100 %.',
    },
  ];
});

function whichPercent({ controller: { season }, programs }: Plan): string {
  switch (season.mode) {
    case 'whole':
      return `all run times are taken at ${season.percent} %`;
    case 'program':
      return programs
        .filter(({ enabled, percent }) => enabled && percent !== 100)
        .map(({ id, percent }) => `program ${id} runs at ${percent} %`)
        .join(', ');
    case 'monthly':
      return season.percents
        .flatMap((percent, month) =>
          percent === 100 ? [] : `${MONTHS_SHORT[month]!} ${percent} %`,
        )
        .join(', ');
    case 'weather':
      return `the weather sets it, from ${season.leastPercent} to ${season.mostPercent} %`;
    default:
      return exhaustive(season);
  }
}
