import type { Draft } from './draft.js';
import type { DayChoice } from './day-choices.js';
import { LOOK_DAYS } from './night.js';
import type { Job, Situation } from './situation.js';

/**
 * On which side of midnight a program's runs lie: all before it, begun before it and perhaps going
 * on after it, or all after it. By day is after it.
 */
export type Side = 'before' | 'across' | 'after';
export const SIDES: readonly Side[] = ['after', 'across', 'before'];

/** The draft with only the starts of a side; null where it has none. */
export function onSide(draft: Draft, side: Side): Draft | null {
  if (draft.spread) return side === 'after' ? draft : null;
  let { from, to } = draft.window;
  if (side === 'after') from = Math.max(from, 0);
  if (side === 'across') to = Math.min(to, -1);
  if (side === 'before') to = Math.min(to, -draft.longestSeconds);
  return from <= to ? { ...draft, window: { from, to } } : null;
}

/** Dates that a run touches, counted from the one on which it starts. */
const touched = (side: Side): readonly number[] => (side === 'across' ? [0, 1] : [0]);

const WEEKDAYS = [1, 2, 3, 4, 5, 6, 7] as const;

/** Weekdays on which a program of some stations must not start, by a rule or for mowing. */
export function forbiddenStarts(
  { brief: { rules } }: Situation,
  jobs: readonly Job[],
  side: Side,
): number[] {
  const isBound = jobs.some(({ isExempt }) => !isExempt);
  const isForbidden = (weekday: number) =>
    rules.mowingWeekdays.includes(weekday) ||
    (isBound && rules.weekdays !== undefined && !rules.weekdays.includes(weekday));
  return WEEKDAYS.filter((weekday) =>
    touched(side).some((offset) => isForbidden(((weekday - 1 + offset) % 7) + 1)),
  );
}

/** Dates on which a program of some stations must not start, by a rule or for mowing. */
export function forbiddenDates(
  { brief: { rules }, calendar }: Situation,
  jobs: readonly Job[],
  side: Side,
): boolean[] {
  const isBound = jobs.some(({ isExempt }) => !isExempt);
  const isForbidden = ({ weekday, dayOfMonth }: Situation['calendar'][number]) => {
    if (rules.mowingWeekdays.includes(weekday)) return true;
    if (!isBound) return false;
    if (rules.weekdays && !rules.weekdays.includes(weekday)) return true;
    return (
      rules.dateParity !== undefined && (dayOfMonth % 2 === 1) !== (rules.dateParity === 'odd')
    );
  };
  const forbidden = calendar.map(isForbidden);
  return calendar
    .slice(0, LOOK_DAYS)
    .map((_, index) => touched(side).some((offset) => forbidden[index + offset]));
}

/** Whether two programs never water in the same night, on any date. */
export function neverMeet(a: DayChoice, sideA: Side, b: DayChoice, sideB: Side): boolean {
  const shift = Number(sideA === 'after') - Number(sideB === 'after');
  const [one, other] = [a.rule, b.rule];
  if (one.mode === 'weekdays' && other.mode === 'weekdays')
    // A night that is watered after midnight is that of the evening before.
    return one.weekdays.every(
      (weekday) => !other.weekdays.includes(((weekday - 1 - shift + 7) % 7) + 1),
    );
  if (shift !== 0) return false;
  if (
    (one.mode === 'odd' && other.mode === 'even') ||
    (one.mode === 'even' && other.mode === 'odd')
  )
    return true;
  if (one.mode === 'interval' && other.mode === 'interval' && one.everyDays === other.everyDays)
    return a.waters.indexOf(true) % one.everyDays !== b.waters.indexOf(true) % one.everyDays;
  return false;
}
