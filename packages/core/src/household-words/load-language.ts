import type { HouseholdLanguage } from '../property-file/index.js';
import type { Language } from './language.js';

const LOADS: Readonly<Record<HouseholdLanguage, () => Promise<Language>>> = {
  en: async () => (await import('./en.js')).EN,
  es: async () => (await import('./es.js')).ES,
};

/** One language, and none of the others: for whoever opens a link on a weak signal. */
export const loadLanguage = (code: HouseholdLanguage): Promise<Language> => LOADS[code]();
