import {
  asMinuteOfDay,
  formatTimeOfDay,
  MINUTES_PER_DAY,
  parseTimeOfDay,
  type DayNumber,
} from '../civil-time/index.js';
import { firstCollisions, type Collision, type NominalRun } from '../engine/index.js';
import type { StartName } from '../findings/index.js';
import { setStart, type Plan } from '../settings/index.js';

/**
 * The plan with one start moved to the first time on the timer's step at which it collides with
 * nothing, on any date: later on its day, or else the nearest earlier. Null where there is none.
 */
export function withClearStart(plan: Plan, name: StartName, from: DayNumber): ClearStart | null {
  const program = plan.programs.find(({ id }) => id === name.program);
  const now = program?.starts[name.startNumber - 1];
  if (!program || now === undefined) return null;
  const step = plan.timer.startStepMinutes;
  const at = (minute: number): ClearStart => {
    const start = formatTimeOfDay(asMinuteOfDay(minute));
    return { start, plan: setStart(name.program, name.startNumber - 1, start)(plan) };
  };
  const hit = (minute: number) =>
    firstCollisions(at(minute).plan, from).find(({ a, b }) => isOf(a, name) || isOf(b, name));
  const begin = parseTimeOfDay(now)!;

  for (let minute = (Math.floor(begin / step) + 1) * step; minute < MINUTES_PER_DAY;) {
    const collision = hit(minute);
    if (!collision) return at(minute);
    minute = Math.ceil((minute + leastMove(collision, name)) / step) * step;
  }
  for (let minute = (Math.ceil(begin / step) - 1) * step; minute >= 0; minute -= step)
    if (!hit(minute)) return at(minute);
  return null;
}

interface ClearStart {
  /** The time moved to, `HH:MM`. */
  readonly start: string;
  readonly plan: Plan;
}

const isOf = ({ program, startNumber }: NominalRun, name: StartName): boolean =>
  program.id === name.program && startNumber === name.startNumber;

/** By how many minutes a start moves on at least before a collision of it is past; more than 0. */
function leastMove({ a, b }: Collision, name: StartName): number {
  // Short of the other's end, or of the other's start where that comes second, both still overlap.
  const seconds = isOf(b, name)
    ? a.nominal + a.shape.lengthSeconds - b.nominal
    : b.nominal - a.nominal;
  return Math.max(1, seconds / 60);
}
