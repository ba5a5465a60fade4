import { percentGrid } from '../engine/index.js';
import type { Plan, SeasonSetting } from '../settings/index.js';
import { disturbanceOfPercent } from './disturbance.js';

/** What percentages a timer takes. */
export const gridOf = ({ timer: { season } }: Plan): number[] => [
  ...new Set([...(season ? percentGrid(season) : []), 100]),
];

/** What the season setting may be changed to: by month or by the weather only as a whole. */
export function seasons(plan: Plan): { season: SeasonSetting; disturbance: number }[] {
  const { season } = plan.controller;
  const grid = gridOf(plan);
  const modes = plan.timer.season?.modes ?? ['whole'];
  const found: { season: SeasonSetting; disturbance: number }[] = [];
  const add = (to: SeasonSetting, was: number, is: number) =>
    found.push({ season: to, disturbance: disturbanceOfPercent(was, is) });
  const whole = (was: number) => {
    for (const percent of grid) add({ mode: 'whole', percent }, was, percent);
  };
  switch (season.mode) {
    case 'whole':
      whole(season.percent);
      break;
    case 'program':
      if (!modes.includes('program')) whole(100);
      break;
    case 'monthly': {
      const most = Math.max(...season.percents);
      if (!modes.includes('monthly')) whole(most);
      for (const cap of grid)
        if (cap < most)
          add(
            { mode: 'monthly', percents: season.percents.map((one) => Math.min(one, cap)) },
            ...([most, cap] as const),
          );
      const fitting = season.percents.map((one) => nearestOf(grid, one));
      add({ mode: 'monthly', percents: fitting }, most, Math.max(...fitting));
      break;
    }
    case 'weather': {
      const { leastPercent, mostPercent } = season;
      if (!modes.includes('weather')) whole(100);
      for (const cap of grid)
        if (cap < mostPercent)
          add(
            { mode: 'weather', leastPercent: Math.min(leastPercent, cap), mostPercent: cap },
            mostPercent,
            cap,
          );
      const least = nearestOf(grid, leastPercent);
      const most = Math.max(least, nearestOf(grid, mostPercent));
      add({ mode: 'weather', leastPercent: least, mostPercent: most }, mostPercent, most);
    }
  }
  const was = JSON.stringify(season);
  return found.filter((one) => JSON.stringify(one.season) !== was);
}

const nearestOf = (grid: readonly number[], percent: number): number =>
  grid.reduce((best, one) => (Math.abs(one - percent) < Math.abs(best - percent) ? one : best));
