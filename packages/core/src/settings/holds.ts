import {
  addSeconds,
  formatDateTime,
  parseDateTime,
  SECONDS_PER_DAY,
  type TimerSeconds,
} from '../civil-time/index.js';
import type { Plan, Stretch } from './plan.js';

/** A hold of whole days that begins at a moment. */
export const holdFor = (from: TimerSeconds, days: number): Stretch => ({
  from: formatDateTime(from),
  to: formatDateTime(addSeconds(from, days * SECONDS_PER_DAY)),
});

/** Holds that are not over at a moment: those in force, and those to come. */
export const holdsNotOver = (holds: readonly Stretch[], at: TimerSeconds): Stretch[] =>
  holds.filter(({ to }) => parseDateTime(to)! > at);

/** Settings as they are to be keyed in at a moment: a hold that is over is in no timer any more. */
export const withoutPastHolds = (plan: Plan, at: TimerSeconds): Plan => {
  const pauses = holdsNotOver(plan.controller.pauses, at);
  return pauses.length === plan.controller.pauses.length
    ? plan
    : { ...plan, controller: { ...plan.controller, pauses } };
};

/** How long a hold still lasts at a moment, s; null: it has not begun, or is over. */
export function holdLeftSeconds({ from, to }: Stretch, at: TimerSeconds): number | null {
  const [begin, end] = [parseDateTime(from)!, parseDateTime(to)!];
  return begin <= at && at < end ? end - at : null;
}
