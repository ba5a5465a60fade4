import { parseDate } from '../civil-time/index.js';
import { longDate } from '../words/index.js';
import type { Due } from './due.js';

type WithMoreToSay = 'season-step' | 'clock-change' | 'planned-change' | 'sensor-back' | 'battery';

const ALWAYS: Readonly<Record<Exclude<Due['kind'], WithMoreToSay>, string>> = {
  'rule-change': 'The watering rules change, and what is in the timer breaks them',
  'hold-ends': 'A hold ends: look that it waters again',
  look: 'Look that it really ran the night after it was keyed in',
  'sensor-test': 'Try the rain sensor',
  filter: 'Clean the filter and the screen',
  'yearly-check': 'Check the whole timer and its stations',
  'backflow-test': 'Have the backflow preventer tested by a licensed tester',
  winter: 'Shut it down for the winter',
  spring: 'Start it for the season',
  'link-ends': 'The link to the sheet ends: send another',
};

/** What a due asks for, as a technician says it. */
export function dueInWords(due: Due): string {
  switch (due.kind) {
    case 'season-step':
      return due.percents === null
        ? 'Turn the timer off: the season needs no water'
        : `Set the season percentage to ${percentsInWords(due.percents)}`;
    case 'clock-change':
      return due.isForward
        ? 'Summer time begins: put the clock forward'
        : 'Summer time ends: put the clock back';
    case 'planned-change':
      return `Key in the change: ${due.name}`;
    case 'sensor-back':
      return `Switch the ${due.sensors.join(' and the ')} sensor back to active`;
    case 'battery':
      return due.isBackup ? 'Change the backup battery' : 'Change the batteries';
    default:
      return ALWAYS[due.kind];
  }
}

/** Why it is due, as far as it says more than the date. */
export function dueSince(due: Due): string {
  if (due.putOff) return `put off: ${due.putOff.reason}`;
  if (!('last' in due)) return '';
  return due.last === null
    ? 'no record of the last time'
    : `done last on ${longDate(parseDate(due.last)!)} ${due.last.slice(0, 4)}`;
}

export function percentsInWords(percents: Readonly<Record<string, number>>): string {
  const all = Object.entries(percents);
  const [first] = all;
  const isOne = all.every(([, percent]) => percent === first?.[1]);
  return isOne
    ? `${first?.[1] ?? 100} %`
    : all.map(([program, percent]) => `${program} ${percent} %`).join(', ');
}
