import { parseDate } from '../civil-time/index.js';
import type { Speaker } from '../household-words/index.js';
import { householdSetWords } from './household-sets.js';
import { seasonStepWords } from './season-step-words.js';
import type { Due } from './due.js';

export interface MessageAsked {
  readonly speaker: Speaker;
  readonly due: Due;
  /** As the household calls it. */
  readonly timer: string;
  readonly firm: string;
  readonly phone: string;
}

/** What a household can do of a due itself, asked of it in its language; null: that is for whoever knows the timer. */
export function householdMessage({
  speaker,
  due,
  timer,
  firm,
  phone,
}: MessageAsked): string | null {
  const what = whatToDo(speaker, due);
  if (what === null) return null;
  return speaker.message('pleaseDo', {
    ...{ timer, what, firm, phone: phone === '' ? 'none' : phone },
    date: speaker.date(parseDate(due.on)!),
  });
}

function whatToDo(speaker: Speaker, due: Due): string | null {
  switch (due.kind) {
    case 'season-step':
      return seasonStepWords(speaker, due.percents);
    case 'clock-change':
      return speaker.message(due.isForward ? 'clockForward' : 'clockBack');
    case 'planned-change':
      return due.sets && householdSetWords(speaker, due.sets);
    case 'sensor-back':
      return due.sensors.map((sensor) => speaker.message('sensorBack', { sensor })).join(' ');
    case 'battery':
      return speaker.message(due.isBackup ? 'backupBattery' : 'changeBattery');
    case 'sensor-test':
      return speaker.message('trySensor');
    case 'filter':
      return speaker.message('cleanFilter');
    case 'look':
    case 'hold-ends':
      return speaker.message('lookThatItRan');
    case 'rule-change':
    case 'yearly-check':
    case 'link-ends':
      return null;
  }
}
