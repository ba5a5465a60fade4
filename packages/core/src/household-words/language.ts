import type { HouseholdLanguage } from '../property-file/index.js';
import type { HalfOfDay } from '../words/index.js';
import type { EN } from './en.js';

type Words<Of> = { readonly [Key in keyof Of]: string };

/** All that a household reads, in one language; sentences in the message format of ICU. */
export interface Language {
  readonly code: HouseholdLanguage;
  /** For the platform's plurals and lists. */
  readonly tag: string;
  readonly labels: Words<typeof EN.labels>;
  readonly weekdayNames: readonly string[];
  readonly monthNames: readonly string[];
  readonly shortMonthNames: readonly string[];
  readonly halfOfDay: HalfOfDay;
  /** Dates and times: the fields of one in the order of the language. */
  readonly dateFormats: Words<typeof EN.dateFormats>;
  readonly headNames: Words<typeof EN.headNames>;
  readonly messages: Words<typeof EN.messages>;
}

export type MessageKey = keyof Language['messages'];

/** The language that a sheet is written in: English, where it was left before there was more than one. */
export const writtenIn = ({
  language = 'en',
}: {
  readonly language?: HouseholdLanguage;
}): HouseholdLanguage => language;
