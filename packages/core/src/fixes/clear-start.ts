import {
  addSeconds,
  asMinuteOfDay,
  formatDateTime,
  formatTimeOfDay,
  MINUTES_PER_DAY,
  parseDateTime,
  parseTimeOfDay,
  secondOfDay,
  type DayNumber,
} from '../civil-time/index.js';
import { firstCollisions, type Collision, type NominalRun } from '../engine/index.js';
import type { StartName } from '../findings/index.js';
import { setProgram, setStart, type HoursRule, type Plan } from '../settings/index.js';
import { momentInWords } from '../words/index.js';

/**
 * The plan with one start moved to the first time on the timer's step at which it collides with
 * nothing, on any date: later on its day, or else the nearest earlier. Of an interval in hours the
 * whole count is moved on, by less than one interval. Null where there is none.
 */
export function withClearStart(plan: Plan, name: StartName, from: DayNumber): ClearStart | null {
  const program = plan.programs.find(({ id }) => id === name.program);
  if (program?.days.mode === 'hours') return withClearCount(plan, name, program.days, from);
  const now = program?.starts[name.startNumber - 1];
  if (!program || now === undefined) return null;
  const begin = parseTimeOfDay(now)!;
  const at = (minute: number): ClearStart => {
    const start = formatTimeOfDay(asMinuteOfDay(minute));
    return {
      start,
      isCount: false,
      plan: setStart(name.program, name.startNumber - 1, start)(plan),
    };
  };
  return firstClear(plan, name, { at, begin, end: MINUTES_PER_DAY, from });
}

function withClearCount(
  plan: Plan,
  name: StartName,
  days: HoursRule,
  from: DayNumber,
): ClearStart | null {
  const anchor = parseDateTime(days.anchor)!;
  const begin = secondOfDay(anchor) / SECONDS_A_MINUTE;
  const at = (minute: number): ClearStart => {
    const moved = addSeconds(anchor, (minute - begin) * SECONDS_A_MINUTE);
    const rule = { ...days, anchor: formatDateTime(moved) };
    return {
      start: momentInWords(moved),
      isCount: true,
      plan: setProgram(name.program, { days: rule })(plan),
    };
  };
  const end = begin + days.everyHours * MINUTES_AN_HOUR;
  return firstClear(plan, name, { at, begin, end, from });
}

const SECONDS_A_MINUTE = 60;
const MINUTES_AN_HOUR = 60;

interface Search {
  /** The plan with the start at a minute, counted from the midnight before where it is now. */
  readonly at: (minute: number) => ClearStart;
  /** Where it is now. */
  readonly begin: number;
  /** Before this minute. */
  readonly end: number;
  readonly from: DayNumber;
}

function firstClear(
  plan: Plan,
  name: StartName,
  { at, begin, end, from }: Search,
): ClearStart | null {
  const step = plan.timer.startStepMinutes;
  const hit = (minute: number) =>
    firstCollisions(at(minute).plan, from).find(({ a, b }) => isOf(a, name) || isOf(b, name));
  for (let minute = (Math.floor(begin / step) + 1) * step; minute < end;) {
    const collision = hit(minute);
    if (!collision) return at(minute);
    // In its own way it is wherever it begins.
    if (isOf(collision.a, name) && isOf(collision.b, name)) return null;
    minute = Math.ceil((minute + leastMove(collision, name)) / step) * step;
  }
  for (let minute = (Math.ceil(begin / step) - 1) * step; minute >= 0; minute -= step)
    if (!hit(minute)) return at(minute);
  return null;
}

interface ClearStart {
  /** The time moved to, `HH:MM`; of a count of hours, in words from when it counts. */
  readonly start: string;
  readonly isCount: boolean;
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
