import { addDays, dayOf, formatDate, type DayNumber } from '../civil-time/index.js';
import { clockChanges, type ClockChange } from '../time-zones/index.js';
import type { FirstDue } from './due.js';
import { doneOn, type DueFacts } from './due-facts.js';
import { latest } from './latest.js';

/**
 * When a clock that is not put by itself is to be put. What was missed counts on: two changes that make up for each
 * other leave nothing to do.
 */
export function clockDues(facts: DueFacts, today: DayNumber, until: DayNumber): FirstDue[] {
  const { timeZone, setsSummerTime } = facts;
  if (timeZone === null || setsSummerTime) return [];
  const changes = clockChanges(timeZone, addDays(rightOn(facts), 1), addDays(until, 1));
  let off = 0;
  let due: ClockChange | null = null;
  for (const change of changes) {
    // What is to come makes up for nothing yet.
    if (due && dayOf(change.at) > today) break;
    const wasRight = off === 0;
    off += byOf(change);
    if (off === 0) due = null;
    else if (wasRight) due = change;
  }
  if (!due) return [];
  const on = formatDate(dayOf(due.at));
  return [{ kind: 'clock-change', key: `clock-change:${on}`, on, isForward: byOf(due) > 0 }];
}

const byOf = ({ offsetAfterSeconds, offsetBeforeSeconds }: ClockChange): number =>
  offsetAfterSeconds - offsetBeforeSeconds;

/** When the clock was right last, as far as anybody knows: on the day of a change, after it. */
const rightOn = ({ addedOn, clockSeenOn, answers }: DueFacts): DayNumber =>
  latest([addedOn, clockSeenOn, ...doneOn(answers, 'clock-change')]) ?? addedOn;
