import { parseDate, parseDateTime } from '@water-clock/core/civil-time';
import { civilDateInWords, counted, dateAndTime, longDate } from '@water-clock/core/words';
import type { HomeEvent } from '../api/history';
import { DUE_NAMES } from '../timer-records/reason-names';

const whole = (amount: number | undefined): number => Math.round(amount ?? 0);

const dueWords = ({ due, doneBy, putOffUntil, reason }: HomeEvent): string => {
  const name = due === undefined ? 'A due' : DUE_NAMES[due];
  const began = name.charAt(0).toUpperCase() + name.slice(1);
  if (putOffUntil !== undefined)
    return `${began}: put off until ${longDate(parseDate(putOffUntil)!)}${reason ? ` (${reason})` : ''}`;
  return `${began}: done${doneBy === 'household' ? ' by the household' : ''}`;
};

const DAYS_OF_A_WHOLE_MONTH = 28;

/** @example "June 2026" */
const monthWords = (month: string): string =>
  civilDateInWords(parseDate(`${month}-01`)!).replace(/^\S+ 1 /, '');

/** What happened, in words. */
export function eventWords(event: HomeEvent): string {
  switch (event.kind) {
    case 'hold':
      return `${event.isWanted ? 'Hold wanted, in no timer yet,' : 'On hold'} until ${dateAndTime(parseDateTime(event.until!)!)}`;
    case 'rules':
      return `Rules of ${event.name} change`;
    case 'message':
      return `Message to the household opened: ${event.name}`;
    case 'due':
      return dueWords(event);
    case 'weather': {
      const { month, rainMm, et0Mm, days = 0 } = event;
      const of = days < DAYS_OF_A_WHOLE_MONTH ? `, of ${counted(days, 'day')}` : '';
      return `Weather of ${monthWords(month!)}: ${whole(rainMm)} mm of rain, ${whole(et0Mm)} mm evaporated${of}`;
    }
  }
}
