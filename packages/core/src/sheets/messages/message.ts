import { IntlMessageFormat } from 'intl-messageformat';
import { LANGUAGE, MESSAGES, WEEKDAY_NAMES } from './en.js';

const formats = new Map<string, IntlMessageFormat>();

/** A message of the catalogue with its values put in. */
export function message(
  key: keyof typeof MESSAGES,
  values: Readonly<Record<string, string | number>> = {},
): string {
  const known = formats.get(key) ?? new IntlMessageFormat(MESSAGES[key], LANGUAGE);
  formats.set(key, known);
  return String(known.format(values)).trimEnd();
}

const lists = new Intl.ListFormat(LANGUAGE, { type: 'conjunction' });

/** @example listed(['A', 'B', 'C']) // "A, B and C" */
export const listed = (items: readonly string[]): string => lists.format(items);

/** Monday = 1. @example "Tue, Fri and Sun" */
export const weekdaysListed = (weekdays: readonly number[]): string =>
  listed(
    [...new Set(weekdays)].sort((a, b) => a - b).map((weekday) => WEEKDAY_NAMES[weekday - 1]!),
  );

/** @example "1 h 5 min" */
export const lengthWords = (seconds: number): string =>
  message('length', {
    hours: Math.floor(seconds / 3600),
    minutes: Math.floor(seconds / 60) % 60,
    seconds: seconds % 60,
  });
