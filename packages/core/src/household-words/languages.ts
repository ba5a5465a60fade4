import type { HouseholdLanguage } from '../property-file/index.js';
import { EN } from './en.js';
import { ES } from './es.js';
import type { Language } from './language.js';
import { Speaker } from './speaker.js';

const LANGUAGES: Readonly<Record<HouseholdLanguage, Language>> = { en: EN, es: ES };

const speakers = new Map<HouseholdLanguage, Speaker>();

/** Who says sentences to a household in its language. */
export function speakerOf(code: HouseholdLanguage): Speaker {
  const known = speakers.get(code) ?? new Speaker(LANGUAGES[code]);
  speakers.set(code, known);
  return known;
}

/** What each language is called in itself. */
export const LANGUAGE_NAMES: Readonly<Record<HouseholdLanguage, string>> = {
  en: 'English',
  es: 'Español',
};
