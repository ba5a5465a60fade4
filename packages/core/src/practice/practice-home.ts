import {
  addDays,
  addSeconds,
  parseDate,
  startOfDay,
  type TimerSeconds,
} from '../civil-time/index.js';
import { readPlan, type Plan } from '../settings/index.js';
import type { Draw } from './draw.js';

const NAMES = ['Front lawn', 'Back lawn', 'Kerb strip', 'Beds', 'Hedge', 'Pots'] as const;
const A_MINUTE = 60;
const FIRST_DAY = '2026-05-04';
const DAYS = 120;

/** When one arrives: some working day of a summer, in the forenoon. */
export function arrival(draw: Draw): TimerSeconds {
  const day = addDays(parseDate(FIRST_DAY)!, draw(DAYS));
  return addSeconds(startOfDay(day), (8 * 60 + draw(180)) * A_MINUTE);
}

/** A plan, whatever else stands in its document. */
export function planOf(document: object): Plan {
  const read = readPlan({ format: 'waterclock.plan/2', ...document });
  if (!read.ok)
    throw new Error(read.trouble.map(({ path, message }) => `${path} ${message}`).join('; '));
  return read.value;
}

/** Stations by number, named, with what else is true of each. */
export const stationsOf = (count: number, facts: object = {}) =>
  NAMES.slice(0, count).map((name, index) => ({ number: index + 1, name, ...facts }));

/** So many minutes for each of some stations. */
export const runsOf = (stations: readonly number[], minutes: number) =>
  stations.map((station) => ({ station, seconds: minutes * A_MINUTE }));

/** A wall timer of six stations and three programs. */
export const WALL_TIMER = {
  name: 'Wall timer',
  stations: 6,
  programs: ['A', 'B', 'C'],
  startsPerProgram: 4,
  startStepMinutes: 15,
  season: { modes: ['whole'], minPercent: 10, maxPercent: 200, stepPercent: 10 },
} as const;

/** The lawn on two days, before sunrise; the beds on one. */
export const usualPrograms = (minutes: number) => [
  {
    ...{ id: 'A', starts: ['04:00'], days: { mode: 'weekdays', weekdays: [1, 4] } },
    runs: runsOf([1, 2, 3], minutes),
  },
  {
    ...{ id: 'B', starts: ['06:00'], days: { mode: 'weekdays', weekdays: [2] } },
    runs: runsOf([4], minutes),
  },
];
