import type { DayRule } from '../settings/index.js';
import { daysLong, lengthInWords, weekdayNames } from '../words/index.js';

/** What stands at one place of a timer: what is keyed in there, or what its display shows. */
export type KeyInValue =
  /** Null: off. */
  | { readonly type: 'time'; readonly time: string | null }
  /** 0: off. */
  | { readonly type: 'length'; readonly seconds: number }
  | { readonly type: 'days'; readonly days: DayRule }
  /** Monday = 1. */
  | { readonly type: 'weekdays'; readonly weekdays: readonly number[] }
  | { readonly type: 'month-days'; readonly monthDays: readonly number[] }
  | { readonly type: 'percent'; readonly percent: number }
  | { readonly type: 'choice'; readonly isOn: boolean; readonly words: readonly [string, string] };

/** Whether two values are the same setting. */
export const isSameValue = (a: KeyInValue, b: KeyInValue): boolean =>
  valueWords(a) === valueWords(b);

/** A value as it is read out: "03:30", "off", "12 min 30 s", "on Tue Fri". */
export function valueWords(value: KeyInValue): string {
  switch (value.type) {
    case 'time':
      return value.time ?? 'off';
    case 'length':
      return value.seconds === 0 ? 'off' : lengthInWords(value.seconds);
    case 'days':
      return daysLong(value.days, []);
    case 'weekdays':
      return weekdayNames(value.weekdays).join(' ') || 'none';
    case 'month-days':
      return [...value.monthDays].sort((a, b) => a - b).join(', ') || 'none';
    case 'percent':
      return `${value.percent} %`;
    case 'choice':
      return value.words[value.isOn ? 0 : 1];
  }
}
