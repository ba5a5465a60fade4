import type { DayNumber } from '../civil-time/index.js';
import { nextCountedDay } from '../settings/index.js';
import type { IntervalQuestion } from '../timer-types/index.js';
import { longDate } from '../words/index.js';
import { valueWords, type KeyInValue } from './value.js';

/**
 * A value as it is keyed in on a date, in the words of a timer that asks for the days of an interval in its own way:
 * "every 5 days, days left: 2"; others as they are read out.
 */
export function askedWords(
  value: KeyInValue,
  intervalAskedAs: IntervalQuestion,
  today: DayNumber,
): string {
  if (value.type !== 'days' || value.days.mode !== 'interval' || intervalAskedAs === 'first-day')
    return valueWords(value);
  const { everyDays } = value.days;
  const every = everyDays === 1 ? 'every day' : `every ${everyDays} days`;
  const next = nextCountedDay(value.days, today);
  return intervalAskedAs === 'next-day'
    ? `${every}, next on ${longDate(next)}`
    : `${every}, days left: ${next - today}`;
}
