import {
  addDays,
  addSeconds,
  type DayNumber,
  type TimerSeconds,
} from '@water-clock/core/civil-time';
import { simulate } from '@water-clock/core/engine';
import { isWatering, type Plan } from '@water-clock/core/settings';

/** A program that waters, but in none of the nights that are shown. */
export interface SeldomRun {
  readonly program: string;
  /** When it starts next. */
  readonly next: TimerSeconds;
}

const A_YEAR = 366;
/** Most start again within a month: a year of what is only held would be too much to work out with each edit. */
const AT_ONCE = 31;

/**
 * The programs that are not among those shown, with the next start of each within a year from a date on; those that do
 * not start within it are left out. Times are moved back by `moveBackSeconds`.
 */
export function seldomRuns(
  plan: Plan,
  shown: ReadonlySet<string>,
  from: DayNumber,
  moveBackSeconds: number,
): SeldomRun[] {
  const sought = plan.programs.filter((program) => isWatering(program) && !shown.has(program.id));
  const starts = new Map<string, TimerSeconds>();
  for (let past = 0; past < A_YEAR && starts.size < sought.length; past += AT_ONCE) {
    const programs = sought.filter(({ id }) => !starts.has(id));
    const range = { from: addDays(from, past), days: AT_ONCE };
    for (const { program, nominal } of simulate({ ...plan, programs }, range).nominal)
      if (!starts.has(program.id)) starts.set(program.id, addSeconds(nominal, -moveBackSeconds));
  }
  return sought.flatMap(({ id: program }) => {
    const next = starts.get(program);
    return next === undefined ? [] : [{ program, next }];
  });
}
