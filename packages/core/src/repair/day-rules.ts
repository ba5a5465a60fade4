import {
  addDays,
  addSeconds,
  formatDate,
  formatDateTime,
  parseDateTime,
} from '../civil-time/index.js';
import {
  LONGEST_INTERVAL_DAYS,
  type DayRule,
  type HoursRule,
  type Plan,
  type ProgramSettings,
} from '../settings/index.js';
import type { Draft } from './draft.js';

const WEEK = [1, 2, 3, 4, 5, 6, 7];

/** Every day rule that the timer takes. */
export function dayRules({ days }: ProgramSettings, { plan, from }: Draft): DayRule[] {
  const { dayModes, intervalMaxDays } = plan.timer;
  const rules: DayRule[] = [];
  if (dayModes.includes('weekdays'))
    for (const weekdays of WEEKDAY_SETS.toSorted(byEvenness))
      if (weekdays.length > 0) rules.push({ mode: 'weekdays', weekdays });
  if (dayModes.includes('odd')) rules.push({ mode: 'odd' });
  if (dayModes.includes('even')) rules.push({ mode: 'even' });
  if (dayModes.includes('interval'))
    for (
      let everyDays = 1;
      everyDays <= Math.min(intervalMaxDays, LONGEST_INTERVAL_DAYS);
      everyDays++
    )
      for (let phase = 0; phase < everyDays; phase++)
        rules.push({ mode: 'interval', everyDays, anchor: formatDate(addDays(from, phase)) });
  if (dayModes.includes('hours') && days.mode === 'hours') rules.push(...hoursRules(days, plan));
  return rules.filter((rule) => !isSameRule(rule, days));
}

/** So many anchors of an interval in hours are looked at, the nearest. */
const MOST_ANCHORS = 200;

/** The same hours counted from other moments, and others counted from the same. */
function hoursRules({ everyHours, anchor }: HoursRule, { timer }: Plan): HoursRule[] {
  const stepSeconds = timer.startStepMinutes * 60;
  const now = parseDateTime(anchor)!;
  const onStep = addSeconds(now, -(now % stepSeconds));
  const steps = Math.min(MOST_ANCHORS, Math.floor((everyHours * 3600) / stepSeconds));
  return [
    ...Array.from({ length: steps }, (_, step) => ({
      ...{ mode: 'hours' as const, everyHours },
      anchor: formatDateTime(
        addSeconds(onStep, stepSeconds * (step % 2 === 0 ? step / 2 : -(step + 1) / 2)),
      ),
    })),
    ...Array.from({ length: timer.intervalMaxHours }, (_, at) => ({
      ...{ mode: 'hours' as const, everyHours: at + 1 },
      anchor: formatDateTime(onStep),
    })),
  ];
}

/** Of days that disturb alike those come first that leave the ground dry for the shortest time. */
const byEvenness = (a: readonly number[], b: readonly number[]): number =>
  longestGapDays(a) - longestGapDays(b);

const longestGapDays = (weekdays: readonly number[]): number =>
  weekdays.reduce(
    (longest, weekday, at) => Math.max(longest, (weekdays[at + 1] ?? weekdays[0]! + 7) - weekday),
    0,
  );

const isSameRule = (a: DayRule, b: DayRule): boolean =>
  a.mode === b.mode &&
  (a.mode === 'weekdays' && b.mode === 'weekdays'
    ? isSameSet(a.weekdays, b.weekdays)
    : JSON.stringify(a) === JSON.stringify(b));

const isSameSet = (a: readonly number[], b: readonly number[]): boolean =>
  new Set(a).size === new Set(b).size && a.every((one) => b.includes(one));

function subsetsOf(all: readonly number[]): number[][] {
  return all.reduce<number[][]>(
    (subsets, one) => [...subsets, ...subsets.map((subset) => [...subset, one])],
    [[]],
  );
}

const WEEKDAY_SETS = subsetsOf(WEEK);

/** Every set of weekdays on which a program may be kept from watering, but the one that is set. */
export const otherWeekdays = (was: readonly number[]): number[][] =>
  WEEKDAY_SETS.filter((weekdays) => !isSameSet(weekdays, was));
