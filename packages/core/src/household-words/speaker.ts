import { IntlMessageFormat } from 'intl-messageformat';
import type { DayNumber, TimerSeconds } from '../civil-time/index.js';
import { dateWords, momentWords } from './dates.js';
import type { Language, MessageKey } from './language.js';

/** Says sentences in a language. */
export class Speaker {
  readonly #formats = new Map<MessageKey, IntlMessageFormat>();
  readonly #lists: Intl.ListFormat;

  constructor(readonly language: Language) {
    this.#lists = new Intl.ListFormat(language.tag, { type: 'conjunction' });
  }

  /** A message of the language with its values put in. */
  message(key: MessageKey, values: Readonly<Record<string, string | number>> = {}): string {
    const { messages, tag } = this.language;
    const known = this.#formats.get(key) ?? new IntlMessageFormat(messages[key], tag);
    this.#formats.set(key, known);
    return String(known.format(values)).trimEnd();
  }

  /** @example listed(['A', 'B', 'C']) // "A, B and C" */
  listed(items: readonly string[]): string {
    return this.#lists.format(items);
  }

  /** Monday = 1. @example "Tue, Fri and Sun" */
  weekdaysListed(weekdays: readonly number[]): string {
    const { weekdayNames } = this.language;
    const once = [...new Set(weekdays)].sort((a, b) => a - b);
    return this.listed(once.map((weekday) => weekdayNames[weekday - 1]!));
  }

  /** @example "1 h 5 min" */
  length(seconds: number): string {
    return this.message('length', {
      hours: Math.floor(seconds / 3600),
      minutes: Math.floor(seconds / 60) % 60,
      seconds: seconds % 60,
    });
  }

  /** @example "Tue 9 June" */
  date(day: DayNumber): string {
    return dateWords(this.language, day);
  }

  /** @example "Tue 9 June, 03:30" */
  moment(moment: TimerSeconds): string {
    return momentWords(this.language, moment);
  }
}
