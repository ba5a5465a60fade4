import { parseDate } from '../civil-time/index.js';
import { inHouseholdClock, type Speaker } from '../household-words/index.js';
import type { ClockStyle } from '../words/index.js';
import { householdSetWords } from './household-sets.js';
import { howToPress, type Pressed } from './how-to-press.js';
import { seasonStepWords } from './season-step-words.js';
import type { Due } from './due.js';

export interface MessageAsked {
  readonly speaker: Speaker;
  readonly due: Due;
  /** As the household calls it. */
  readonly timer: string;
  readonly firm: string;
  readonly phone: string;
  /** As the household reads times of day. */
  readonly clock: ClockStyle;
}

/** What a household can do of a due itself, and what to press, asked of it in its language; null: that is for whoever knows the timer. */
export function householdMessage({
  speaker,
  due,
  timer,
  firm,
  phone,
  clock,
}: MessageAsked): string | null {
  const what = whatToDo(speaker, due);
  if (what === null) return null;
  const how = howToPress(speaker, pressedFor(due));
  const asked = speaker.message('pleaseDo', {
    ...{ timer, what, how, isHow: how === '' ? 'no' : 'yes' },
    ...{ firm, phone: phone === '' ? 'none' : phone },
    date: speaker.date(parseDate(due.on)!),
  });
  return inHouseholdClock(speaker.language, asked, clock);
}

function pressedFor(due: Due): readonly Pressed[] {
  switch (due.kind) {
    case 'season-step':
      // What is switched off needs no how.
      return due.percents === null ? [] : ['percentage'];
    case 'clock-change':
      return ['clock'];
    case 'planned-change':
      return (due.sets ?? []).map(({ of }) => of);
    default:
      return [];
  }
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
    // All else takes somebody of the trade.
    default:
      return null;
  }
}
