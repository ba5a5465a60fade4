import { formatDateTime, parseDate, parseDateTime } from '../civil-time/index.js';
import type { DailyHours, DayRule, Stretch } from '../settings/index.js';
import {
  daysLong,
  hoursInWords,
  lengthInWords,
  stretchInWords,
  weekdayNames,
} from '../words/index.js';

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
  /** Hours in which nothing waters, or the only ones in which anything does. */
  | { readonly type: 'hours'; readonly hours: readonly DailyHours[]; readonly areDry: boolean }
  /** Stretches of the timer's calendar in which nothing begins. */
  | { readonly type: 'holds'; readonly holds: readonly Stretch[] }
  /** Numbers of stations. */
  | { readonly type: 'stations'; readonly stations: readonly number[] }
  | { readonly type: 'count'; readonly count: number }
  | { readonly type: 'percent'; readonly percent: number }
  | { readonly type: 'choice'; readonly isOn: boolean; readonly words: readonly [string, string] };

/** Whether two values are the same setting, as the timer would show it. */
export const isSameValue = (a: KeyInValue, b: KeyInValue): boolean =>
  a.type === 'days' && b.type === 'days'
    ? isSameRhythm(a.days, b.days)
    : valueCode(a) === valueCode(b);

const SECONDS_AN_HOUR = 3600;

/** Two intervals that water on the same days are the same, from whichever of them they are counted. */
function isSameRhythm(a: DayRule, b: DayRule): boolean {
  if (a.mode === 'interval' && b.mode === 'interval') {
    const apart = parseDate(a.anchor)! - parseDate(b.anchor)!;
    return a.everyDays === b.everyDays && apart % a.everyDays === 0;
  }
  if (a.mode === 'hours' && b.mode === 'hours') {
    const apart = parseDateTime(a.anchor)! - parseDateTime(b.anchor)!;
    return a.everyHours === b.everyHours && apart % (a.everyHours * SECONDS_AN_HOUR) === 0;
  }
  return daysCode(a) === daysCode(b);
}

/**
 * A value as it is stored with the tick that it is keyed in. What is said of values may change, this may not:
 * a tick is found by it again.
 */
export function valueCode(value: KeyInValue): string {
  switch (value.type) {
    case 'time':
      return `time ${value.time ?? 'off'}`;
    case 'length':
      return `${value.seconds} s`;
    case 'days':
      return daysCode(value.days);
    case 'weekdays':
      return `weekdays ${sorted(value.weekdays)}`;
    case 'month-days':
      return `month days ${sorted(value.monthDays)}`;
    case 'hours':
      return `hours ${[...new Set(value.hours.map(hoursCode))].sort().join(' ')}`;
    case 'holds':
      return `holds ${[...new Set(value.holds.map(({ from, to }) => `${from}>${to}`))].sort().join(' ')}`;
    case 'stations':
      return `stations ${sorted(value.stations)}`;
    case 'count':
      return `${value.count} at once`;
    case 'percent':
      return `${value.percent} percent`;
    case 'choice':
      return value.isOn ? 'yes' : 'no';
  }
}

const sorted = (numbers: readonly number[]): string =>
  [...new Set(numbers)].sort((a, b) => a - b).join();

const hoursCode = ({ from, to, weekdays }: DailyHours): string =>
  `${from}-${to}/${sorted(weekdays)}`;

function daysCode(rule: DayRule): string {
  switch (rule.mode) {
    case 'weekdays':
      return `weekdays ${sorted(rule.weekdays)}`;
    case 'odd':
    case 'even':
      return rule.mode;
    case 'interval':
      return `every ${rule.everyDays} from ${rule.anchor}`;
    case 'hours':
      return `every ${rule.everyHours} h from ${rule.anchor}`;
  }
}

const TIME_CODE = /^time (off|\d\d:\d\d)$/;
const LENGTH_CODE = /^(\d+) s$/;
const PERCENT_CODE = /^(\d+) percent$/;
const NUMBERS_CODE = /^(?:weekdays|month days|stations) ([\d,]*)$/;
const HOURS_CODE = /^(\d\d:\d\d)-(\d\d:\d\d)\/([\d,]*)$/;
const COUNT_CODE = /^(\d+) at once$/;
const HOURS_RULE_CODE = /^every (\d+) h from (\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d)$/;
const INTERVAL_CODE = /^every (\d+) from (\d{4}-\d\d-\d\d)$/;

type Kind = KeyInValue['type'];

const part = (code: string, pattern: RegExp): string | null => pattern.exec(code)?.[1] ?? null;
const numbersIn = (text: string): number[] => text.split(',').filter(Boolean).map(Number);
const numbersOf = (code: string): number[] | null => {
  const text = part(code, NUMBERS_CODE);
  return text === null ? null : numbersIn(text);
};

/** What a code says, by the kind of value that stands at its place. */
const READ_CODE: Readonly<Record<Kind, (code: string, like: KeyInValue) => KeyInValue | null>> = {
  time: (code) => {
    const time = part(code, TIME_CODE);
    return time === null ? null : { type: 'time', time: time === 'off' ? null : time };
  },
  length: (code) => {
    const seconds = part(code, LENGTH_CODE);
    return seconds === null ? null : { type: 'length', seconds: Number(seconds) };
  },
  percent: (code) => {
    const percent = part(code, PERCENT_CODE);
    return percent === null ? null : { type: 'percent', percent: Number(percent) };
  },
  weekdays: (code) => {
    const weekdays = numbersOf(code);
    return weekdays && { type: 'weekdays', weekdays };
  },
  'month-days': (code) => {
    const monthDays = numbersOf(code);
    return monthDays && { type: 'month-days', monthDays };
  },
  hours: (code, like) => {
    const hours = hoursOfCode(code);
    return hours && like.type === 'hours' ? { ...like, hours } : null;
  },
  holds: (code) => {
    const holds = holdsOfCode(code);
    return holds && { type: 'holds', holds };
  },
  stations: (code) => {
    const stations = numbersOf(code);
    return stations && { type: 'stations', stations };
  },
  count: (code) => {
    const count = part(code, COUNT_CODE);
    return count === null ? null : { type: 'count', count: Number(count) };
  },
  days: (code) => {
    const days = dayRuleOfCode(code);
    return days && { type: 'days', days };
  },
  choice: (code, like) =>
    like.type === 'choice' && (code === 'yes' || code === 'no')
      ? { ...like, isOn: code === 'yes' }
      : null,
};

/** The value that a code was made from, of the kind of another value of the same place; null for no such code. */
export const valueOfCode = (code: string, like: KeyInValue): KeyInValue | null =>
  READ_CODE[like.type](code, like);

function dayRuleOfCode(code: string): DayRule | null {
  if (code === 'odd' || code === 'even') return { mode: code };
  const interval = INTERVAL_CODE.exec(code);
  if (interval) return { mode: 'interval', everyDays: Number(interval[1]), anchor: interval[2]! };
  const hours = HOURS_RULE_CODE.exec(code);
  if (hours) return { mode: 'hours', everyHours: Number(hours[1]), anchor: hours[2]! };
  const weekdays = code.startsWith('weekdays') ? numbersOf(code) : null;
  return weekdays && { mode: 'weekdays', weekdays };
}

function hoursOfCode(code: string): DailyHours[] | null {
  if (!code.startsWith('hours ')) return null;
  const parts = code.slice('hours '.length).split(' ').filter(Boolean);
  const hours = parts.flatMap((text) => {
    const found = HOURS_CODE.exec(text);
    return found ? [{ from: found[1]!, to: found[2]!, weekdays: numbersIn(found[3]!) }] : [];
  });
  return hours.length === parts.length ? hours : null;
}

function holdsOfCode(code: string): Stretch[] | null {
  if (!code.startsWith('holds ')) return null;
  const parts = code.slice('holds '.length).split(' ').filter(Boolean);
  const holds = parts.flatMap((text) => {
    const [from = null, to = null] = text.split('>').map((one) => parseDateTime(one));
    return from !== null && to !== null
      ? [{ from: formatDateTime(from), to: formatDateTime(to) }]
      : [];
  });
  return holds.length === parts.length ? holds : null;
}

/** A value as it is read out: "03:30", "off", "12 min 30 s", "on Tue Fri". */
export function valueWords(value: KeyInValue): string {
  switch (value.type) {
    case 'time':
      return value.time ?? 'off';
    case 'length':
      return value.seconds === 0 ? 'off' : lengthInWords(value.seconds);
    case 'days':
      return daysLong(value.days, []);
    case 'count':
      return String(value.count);
    case 'percent':
      return `${value.percent} %`;
    case 'choice':
      return value.words[value.isOn ? 0 : 1];
    default:
      return listWords(value) || 'none';
  }
}

type ListValue = Extract<
  KeyInValue,
  { type: 'weekdays' | 'month-days' | 'hours' | 'holds' | 'stations' }
>;

function listWords(value: ListValue): string {
  switch (value.type) {
    case 'weekdays':
      return weekdayNames(value.weekdays).join(' ');
    case 'month-days':
      return numbersWords(value.monthDays);
    case 'hours':
      return value.hours.map(hoursInWords).join(', ');
    case 'holds':
      return value.holds.map(stretchInWords).join(', ');
    case 'stations':
      return numbersWords(value.stations);
  }
}

const numbersWords = (numbers: readonly number[]): string =>
  [...numbers].sort((a, b) => a - b).join(', ');
