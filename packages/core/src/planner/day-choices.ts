import { addDays, formatDate } from '../civil-time/index.js';
import { dayPredicate } from '../engine/index.js';
import type { DayRule } from '../settings/index.js';
import { LOOK_DAYS, NEED_DAYS } from './night.js';
import type { Situation } from './situation.js';
import type { Style } from './styles.js';

/** One way to set a program's days, and the dates that it gives. */
export interface DayChoice {
  readonly rule: DayRule;
  readonly blockedWeekdays: readonly number[];
  /** Whether it waters, by the dates from the brief's on. */
  readonly waters: readonly boolean[];
  /** Dates with water among the 56. */
  readonly count: number;
  /** The fewest and the most dates with water in one of the eight weeks. */
  readonly least: number;
  readonly most: number;
  /** The most dates with water of any seven in a row. */
  readonly mostOfSeven: number;
}

/** Every way to set the days of a style. `blocked` are sets of weekdays that may be kept free. */
export function dayChoices(
  situation: Situation,
  { rule }: Style,
  blocked: readonly (readonly number[])[],
): DayChoice[] {
  switch (rule.mode) {
    case 'weekdays':
      return subsets(rule.count).map((weekdays) =>
        choiceOf(situation, { mode: 'weekdays', weekdays }, []),
      );
    case 'odd':
    case 'even':
      return blocked.map((weekdays) => choiceOf(situation, { mode: rule.mode }, weekdays));
    case 'interval':
      return blocked.flatMap((weekdays) =>
        Array.from({ length: rule.everyDays }, (_, remainder) =>
          choiceOf(
            situation,
            {
              mode: 'interval',
              everyDays: rule.everyDays,
              anchor: formatDate(addDays(situation.from, remainder)),
            },
            weekdays,
          ),
        ),
      );
  }
}

/** The dates that a way to set the days gives. */
export function choiceOf(
  { brief: { timer, controller }, calendar }: Pick<Situation, 'brief' | 'calendar'>,
  rule: DayRule,
  blockedWeekdays: readonly number[],
): DayChoice {
  const watersOn = dayPredicate(
    { timer, controller },
    { days: rule, blockedWeekdays: [...blockedWeekdays] },
  );
  const waters = calendar.slice(0, LOOK_DAYS).map(watersOn);
  const perWeek = new Array<number>(NEED_DAYS / 7).fill(0);
  let inRow = 0;
  let mostOfSeven = 0;
  waters.forEach((isWet, index) => {
    if (isWet && index < NEED_DAYS) perWeek[Math.floor(index / 7)]! += 1;
    if (isWet) inRow += 1;
    if (index >= 7 && waters[index - 7]) inRow -= 1;
    mostOfSeven = Math.max(mostOfSeven, inRow);
  });
  return {
    rule,
    blockedWeekdays,
    waters,
    mostOfSeven,
    least: Math.min(...perWeek),
    most: Math.max(...perWeek),
    count: perWeek.reduce((sum, one) => sum + one, 0),
  };
}

/** All sets of so many weekdays, the most even ones first. */
function subsets(count: number): number[][] {
  const sets: number[][] = [];
  for (let bits = 0; bits < 128; bits++) {
    const weekdays = [1, 2, 3, 4, 5, 6, 7].filter((weekday) => bits & (1 << (weekday - 1)));
    if (weekdays.length === count) sets.push(weekdays);
  }
  return sets.sort((a, b) => unevenness(a) - unevenness(b));
}

/** How far the waits between days differ: the sum of their squares. */
const unevenness = (weekdays: readonly number[]): number =>
  weekdays.reduce((sum, weekday, index) => {
    const next = weekdays[index + 1] ?? weekdays[0]! + 7;
    return sum + (next - weekday) ** 2;
  }, 0);
