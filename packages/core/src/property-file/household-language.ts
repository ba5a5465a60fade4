/** The languages that what a household reads can be had in. */
export const HOUSEHOLD_LANGUAGES = ['en', 'es'] as const;
export type HouseholdLanguage = (typeof HOUSEHOLD_LANGUAGES)[number];
