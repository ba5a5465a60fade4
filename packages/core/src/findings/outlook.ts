import { addDays, startOfDay, type DayNumber, type TimerSeconds } from '../civil-time/index.js';
import type { Plan } from '../settings/index.js';
import { Situation } from './situation.js';

/** How many dates count as soon. */
export const OUTLOOK_DAYS = 14;

/** What is said first of settings, wherever they are spoken of; as if switched on, and whatever the weather. */
export interface Outlook {
  /** The first collision on any date; null: no two runs overlap. */
  readonly first: { readonly start: TimerSeconds; readonly seconds: number } | null;
  /** How many collisions the first {@link OUTLOOK_DAYS} dates hold. */
  readonly collisions: number;
  /** How many runs begin on those dates. */
  readonly runs: number;
}

export const outlook = (plan: Plan, from: DayNumber): Outlook =>
  outlookOf(new Situation(plan, from));

export function outlookOf({ from, watering, allDates }: Situation): Outlook {
  const end = startOfDay(addDays(from, OUTLOOK_DAYS));
  const [first] = allDates.collisions;
  return {
    first: first ? { start: first.b.nominal, seconds: first.seconds } : null,
    collisions: watering.collisions.filter(({ b }) => b.nominal < end).length,
    runs: watering.nominal.filter(({ nominal }) => nominal < end).length,
  };
}
