import { dayOf, parseDateTime, type DayNumber } from '../civil-time/index.js';
import { percentsInWords } from '../dues/index.js';
import { counted, longDate, nearMoment } from '../words/index.js';
import type { Reason } from './reason.js';

/** What is to be said of a timer, as a technician says it; `own` puts moments into the person's clock. */
export function reasonInWords(
  reason: Reason,
  today: DayNumber,
  own: (words: string) => string,
): string {
  const at = (moment: string) => own(nearMoment(parseDateTime(moment)!, today));
  switch (reason.kind) {
    case 'too-much':
      return 'Its settings are too much to work out';
    case 'error':
      return errorInWords(reason, at, own);
    case 'rule':
      return reason.first === null
        ? 'Breaks the watering rules'
        : `Breaks the watering rules, first on ${at(reason.first)}`;
    case 'ahead':
      return reason.isAtStep
        ? `Two runs will collide after the next step of the season, first on ${at(reason.first)}`
        : `Two runs will collide, first on ${at(reason.first)}`;
    case 'visit-open':
      return reason.by === '' ? 'A visit is still open' : `A visit by ${reason.by} is still open`;
    case 'percentage':
      return percentageInWords(reason);
    case 'key-in':
      return `${counted(reason.values, 'value')} to key in`;
    case 'confirm':
      return `${counted(reason.values, 'value')} keyed in, not read back`;
    case 'job':
      return `${counted(reason.count, 'job')} open`;
    case 'hold':
      return `On hold until ${longDate(dayOf(parseDateTime(reason.until)!))}`;
  }
}

function errorInWords(
  { codes, first, count, message }: Extract<Reason, { kind: 'error' }>,
  at: (moment: string) => string,
  own: (words: string) => string,
): string {
  if (codes.includes('collision') && first !== null)
    return `Two runs collide, first on ${at(first)}`;
  return own(count === 1 ? message : `${counted(count, 'error')}: ${message}`);
}

function percentageInWords({ inTimer, wanted }: Extract<Reason, { kind: 'percentage' }>): string {
  if (inTimer === null) return `The timer is off; the season asks for ${percentsInWords(wanted!)}`;
  if (wanted === null) return 'The timer waters; the season needs no water';
  return `Season percentage is ${percentsInWords(inTimer)}; the season asks for ${percentsInWords(wanted)}`;
}
