import type { DayNumber } from '../civil-time/index.js';
import { simulate } from '../engine/index.js';
import type { Plan } from '../settings/index.js';

const DAYS_A_YEAR = 365;

/** For how long each station waters in the year from a date on, in seconds, as the plan is set now. */
export function secondsAYear(plan: Plan, from: DayNumber): ReadonlyMap<number, number> {
  const { pieces } = simulate(plan, { from, days: DAYS_A_YEAR });
  const seconds = new Map<number, number>();
  for (const piece of pieces)
    seconds.set(piece.station, (seconds.get(piece.station) ?? 0) + piece.to - piece.from);
  return seconds;
}
