import { percentGrid } from '../engine/index.js';
import { rule } from './finding.js';

/** Nothing collides as it is set, but the season percentage may hardly rise. */
export const lowHeadroom = rule('low-headroom', 'warning', ({ plan, allDates, rules }) => {
  if (!plan.timer.season || allDates.collisions.length > 0) return [];
  const wanted = Math.min(rules.headroomPercent, percentGrid(plan.timer.season).at(-1) ?? 0);
  const { headroomPercent } = allDates;
  if (headroomPercent !== null && headroomPercent >= wanted) return [];
  const message =
    headroomPercent === null
      ? `Nothing collides now, but with all programs at ${plan.timer.season.minPercent} % runs would collide.`
      : `Runs collide as soon as the season percentage is above ${headroomPercent} %; ${wanted} % should be clear.`;
  return [
    { message, fix: `Move the starts further apart, so that runs stay clear up to ${wanted} %.` },
  ];
});
