import type { HouseholdLanguage } from '../property-file/index.js';
import { speakerOf } from '../household-words/index.js';
import type { TimerHandling } from '../timer-types/index.js';

/** How a household does by itself what it asks for most. */
export interface HouseholdHows {
  readonly pauseForRain: string;
  readonly runOneStation: string;
}

/**
 * In the words of the timer's type, which are English, or else in words that fit any timer: what nobody has written in
 * the language of the household is told in general.
 */
export function householdHows(
  { pauseForRain, runOneStation }: TimerHandling,
  code: HouseholdLanguage,
): HouseholdHows {
  const speaker = speakerOf(code);
  const own = (words: string) => (code === 'en' ? words : '');
  return {
    pauseForRain: own(pauseForRain) || speaker.message('pauseForRain'),
    runOneStation: own(runOneStation) || speaker.message('runOneStation'),
  };
}
