import type { MessageKey, Speaker } from '../household-words/index.js';
import type { HouseholdSet } from './household-sets.js';

/** What a household presses at its timer: something that it sets, or the clock. */
export type Pressed = HouseholdSet['of'] | 'clock';

const HOWS: Readonly<Record<Pressed, MessageKey>> = {
  clock: 'howClock',
  starts: 'howStarts',
  days: 'howDays',
  'run-time': 'howRunTimes',
  percentage: 'howPercent',
};

/** What to press for it, in words that hold for any timer: each once, and how it is left. */
export function howToPress(speaker: Speaker, pressed: readonly Pressed[]): string {
  if (pressed.length === 0) return '';
  const hows = [...new Set(pressed)].map((one) => speaker.message(HOWS[one]));
  return [...hows, speaker.message('howEnd')].join(' ');
}
