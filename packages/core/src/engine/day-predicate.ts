import {
  asDayNumber,
  civilDateOf,
  parseDate,
  weekdayOf,
  type DayNumber,
} from '../civil-time/index.js';
import { exhaustive } from '../kernel/index.js';
import { hoursTurns, type HoursTurn } from './hours-turns.js';
import type { DayRule, Plan, ProgramSettings } from '../settings/index.js';

/** What a day rule may look at, worked out once for all programs of a day. */
export interface DayFacts {
  readonly day: DayNumber;
  readonly weekday: number;
  readonly month: number;
  readonly dayOfMonth: number;
}

export type DayPredicate = (facts: DayFacts) => boolean;

export function factsOf(day: DayNumber): DayFacts {
  const { month, day: dayOfMonth } = civilDateOf(day);
  return { day, weekday: weekdayOf(day), month, dayOfMonth };
}

/** The longest row of blocked days after which an interval day is still made up for. */
const LONGEST_DEFER_DAYS = 31;

/** On which dates a program waters (engine contract, section 3); of an interval in hours, those with a start. */
export function dayPredicate(
  { timer, controller }: Pick<Plan, 'timer' | 'controller'>,
  { days, blockedWeekdays }: Pick<ProgramSettings, 'days' | 'blockedWeekdays'>,
): DayPredicate {
  const offDays = timer.monthDaysOff ? controller.monthDaysOff : [];
  const isBlocked = blockedPredicate(blockedWeekdays, offDays);
  const isBase = basePredicate(days, timer);
  if (days.mode !== 'interval' || timer.blockedDay !== 'defer')
    return (facts) => isBase(facts) && !isBlocked(facts);
  return (facts) => {
    if (isBlocked(facts)) return false;
    if (isBase(facts)) return true;
    for (let back = 1; back <= LONGEST_DEFER_DAYS; back++) {
      const earlier = factsOf(asDayNumber(facts.day - back));
      if (!isBlocked(earlier)) return false;
      if (isBase(earlier)) return true;
    }
    return false;
  };
}

/** On which dates one start of an interval in hours comes: those that are blocked are left out, the count goes on. */
export function turnPredicate(
  turn: HoursTurn,
  { timer, controller }: Pick<Plan, 'timer' | 'controller'>,
  { blockedWeekdays }: Pick<ProgramSettings, 'blockedWeekdays'>,
): DayPredicate {
  const isBlocked = blockedPredicate(
    blockedWeekdays,
    timer.monthDaysOff ? controller.monthDaysOff : [],
  );
  return (facts) => isTurn(turn, facts) && !isBlocked(facts);
}

const isTurn = ({ anchor, everyDays }: HoursTurn, { day }: DayFacts): boolean =>
  day >= anchor && (day - anchor) % everyDays === 0;

function blockedPredicate(weekdays: readonly number[], offDays: readonly number[]): DayPredicate {
  if (weekdays.length === 0 && offDays.length === 0) return () => false;
  return ({ weekday, dayOfMonth }) => weekdays.includes(weekday) || offDays.includes(dayOfMonth);
}

function basePredicate(rule: DayRule, { skip31, skipFeb29 }: Plan['timer']): DayPredicate {
  switch (rule.mode) {
    case 'weekdays': {
      const chosen = new Set(rule.weekdays);
      return ({ weekday }) => chosen.has(weekday);
    }
    case 'odd':
      return ({ month, dayOfMonth }) =>
        dayOfMonth % 2 === 1 &&
        !(skip31 && dayOfMonth === 31) &&
        !(skipFeb29 && month === 2 && dayOfMonth === 29);
    case 'even':
      return ({ dayOfMonth }) => dayOfMonth % 2 === 0;
    case 'interval': {
      const anchor = parseDate(rule.anchor)!;
      return ({ day }) => day >= anchor && (day - anchor) % rule.everyDays === 0;
    }
    case 'hours': {
      const turns = hoursTurns(rule);
      return (facts) => turns.some((turn) => isTurn(turn, facts));
    }
    default:
      return exhaustive(rule);
  }
}
