import { speakerOf } from '@water-clock/core/household-words';
import type { HouseholdLanguage } from '@water-clock/core/property-file';
import { householdNow, type HouseholdAsked, type HouseholdNow } from '@water-clock/core/sheets';
import type { Task } from '../computing/task.js';

interface ToTell extends Omit<HouseholdAsked, 'speaker'> {
  readonly language: HouseholdLanguage;
}

/** What a household reads of its timer today. */
export const HOUSEHOLD_TASK: Task<ToTell, HouseholdNow> = {
  name: 'household',
  limitMs: 2000,
  work: ({ language, ...asked }) => householdNow({ ...asked, speaker: speakerOf(language) }),
};
