import type { DayNumber } from '../civil-time/index.js';
import type { DayRule } from '../settings/index.js';
import type { Speaker } from './speaker.js';

const HOURS_A_DAY = 24;

function countOf(rule: DayRule): number {
  if (rule.mode === 'interval') return rule.everyDays;
  return rule.mode === 'hours' ? rule.everyHours : 0;
}

/** On which days a program waters, as a household reads it; `next`: the dates on which it does, where it only counts. */
export function daysWords(
  speaker: Speaker,
  rule: DayRule,
  blockedWeekdays: readonly number[],
  next: readonly DayNumber[],
): string {
  const isDaily = rule.mode === 'weekdays' && new Set(rule.weekdays).size === 7;
  const words = speaker.message('days', {
    mode: isDaily ? 'daily' : rule.mode,
    names: rule.mode === 'weekdays' ? speaker.weekdaysListed(rule.weekdays) : '',
    count: countOf(rule),
  });
  const not =
    blockedWeekdays.length > 0
      ? speaker.message('notOn', { names: speaker.weekdaysListed(blockedWeekdays) })
      : '';
  const dates =
    (rule.mode === 'interval' || (rule.mode === 'hours' && rule.everyHours >= HOURS_A_DAY)) &&
    next.length > 0
      ? speaker.message('nextOn', { dates: speaker.listed(next.map((day) => speaker.date(day))) })
      : '';
  return words + not + dates;
}
