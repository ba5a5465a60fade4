import {
  addDays,
  addSeconds,
  civilDateOf,
  formatDateTime,
  parseDate,
  SECONDS_PER_DAY,
  startOfDay,
  weekdayOf,
  type DayNumber,
  type TimerSeconds,
} from '../civil-time/index.js';
import { err, ok, type Result } from '../kernel/index.js';
import { MONTHS_SHORT, shortDate, WEEKDAYS } from '../words/index.js';

/** What one line says that somebody saw; in true time, as in what was seen. */
export interface Said {
  readonly what: 'watered' | 'dry' | 'rain';
  readonly from: string;
  /** Null: at that moment. */
  readonly to: string | null;
  readonly station: number | null;
}

/** What a line is read against. */
export interface SaidOf {
  /** The dates that were watched, the last one included. */
  readonly first: DayNumber;
  readonly last: DayNumber;
  readonly today: DayNumber;
  readonly stations: readonly { readonly number: number; readonly name: string }[];
}

/** Takes parts out of a line, so that what nobody understood is left over. */
class Line {
  constructor(public rest: string) {}

  take(pattern: RegExp): RegExpExecArray | null {
    const match = pattern.exec(this.rest);
    if (match) this.rest = this.rest.replace(match[0], ' , ');
    return match;
  }
}

const EXAMPLE = 'such as “Tue 14:10, back lawn, about 15 min”';
const FILLERS =
  /\b(about|around|some|roughly|at|on|in|from|to|until|till|for|the|a|an|and|it|was|ran|runs|run|on|came|went|water|watered|waters|watering|long|is|day|of|that)\b/g;

/** Reads what somebody tells in a line; what cannot be understood is said, and nothing of it is dropped. */
export function readSaid(text: string, of: SaidOf): Result<Said, string> {
  const line = new Line(text.trim().toLowerCase().replace(/[’‘]/g, "'").replace(/[–—]/g, '-'));
  if (line.rest === '') return err(`Say what was seen, ${EXAMPLE}.`);
  // A name may hold any other word: it comes first.
  const station = takeStation(line, of);
  const what = takeWhat(line);
  const isAllWeek = line.take(/\ball (week|the time|along)\b/) !== null;
  const day = takeDay(line, of);
  if (typeof day === 'string') return err(day);
  const isAllDay = line.take(/\ball day\b/) !== null;
  const seconds = takeLength(line);
  const times = [takeTime(line), takeTime(line)].filter((time) => time !== null);
  const left = leftIn(line);
  if (left !== '')
    return err(`“${left}” is not understood. Say the day, the time and the station, ${EXAMPLE}.`);
  const [begin, end] = times;
  if (times.includes(undefined)) return err('That is no time of day.');
  const parts = { what, day, isAllWeek, isAllDay, seconds, begin, end };
  const trouble = twiceSaid(parts) ?? notSaid(parts);
  if (trouble !== null) return err(trouble);
  const [from, to] = timesOf(parts, of);
  return ok({
    ...{ what, station, from: formatDateTime(from) },
    to: to === null ? null : formatDateTime(to),
  });
}

const leftIn = ({ rest }: Line): string =>
  rest
    .replace(FILLERS, ' ')
    .replace(/[\s,.;:-]+/g, ' ')
    .trim();

/** What a line says of when it was; times in seconds of the day. */
interface Parts {
  readonly what: Said['what'];
  readonly day: DayNumber | null;
  readonly isAllWeek: boolean;
  readonly isAllDay: boolean;
  readonly seconds: number | null;
  readonly begin: number | undefined;
  readonly end: number | undefined;
}

/** Nothing that is said is left out: where two things cannot both hold, neither is taken. */
function twiceSaid({ day, isAllWeek, isAllDay, seconds, begin, end }: Parts): string | null {
  if (day !== null && isAllWeek) return 'Say either one day or all week.';
  if (isAllDay && (begin !== undefined || seconds !== null)) return 'Say either all day or a time.';
  return end !== undefined && seconds !== null ? 'Say either until when or how long.' : null;
}

function notSaid({ what, day, isAllWeek, isAllDay, seconds, begin, end }: Parts): string | null {
  const isWhole = what !== 'watered';
  if (day === null)
    return isAllWeek && isWhole && begin === undefined ? null : `On which day? Say it, ${EXAMPLE}.`;
  if (begin === undefined && seconds !== null) return `From when on? Say it, ${EXAMPLE}.`;
  if (begin === undefined) return isWhole || isAllDay ? null : `At what time? Say it, ${EXAMPLE}.`;
  return isWhole && end === undefined && seconds === null
    ? 'Until when? Say it, such as “Wed 05:00 to 06:00, dry”.'
    : null;
}

function timesOf(
  { day, seconds, begin, end }: Parts,
  { first, last }: SaidOf,
): readonly [TimerSeconds, TimerSeconds | null] {
  if (day === null) return [startOfDay(first), startOfDay(addDays(last, 1))];
  if (begin === undefined) return [startOfDay(day), startOfDay(addDays(day, 1))];
  const from = addSeconds(startOfDay(day), begin);
  if (end !== undefined)
    return [from, addSeconds(startOfDay(end > begin ? day : addDays(day, 1)), end)];
  return [from, seconds === null ? null : addSeconds(from, seconds)];
}

function takeStation(line: Line, { stations }: SaidOf): number | null {
  const longestFirst = [...stations].sort((a, b) => b.name.length - a.name.length);
  for (const { number, name } of longestFirst) {
    const words = name.trim().toLowerCase();
    if (words !== '' && line.take(new RegExp(`\\b${escaped(words)}(?![a-z])`))) return number;
  }
  const numbered = line.rest.match(/\b(?:station|zone)\s*(?:no\.?|#|№)?\s*(\d{1,3})\b/);
  const number = Number(numbered?.[1]);
  if (numbered && stations.some((one) => one.number === number)) {
    line.rest = line.rest.replace(numbered[0], ' , ');
    return number;
  }
  line.take(/\b(?:(?:don't|do not) know which|some station|unknown station)\b/);
  return null;
}

const escaped = (words: string): string => words.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');

function takeWhat(line: Line): Said['what'] {
  if (line.take(/\b(rain|rained|raining)\b/)) return 'rain';
  const isDry = line.take(
    /\b(stayed dry|dry|nothing|no water|never (came on|ran|watered)|(did not|didn't|does not|doesn't) (water|run|come on))\b/,
  );
  return isDry ? 'dry' : 'watered';
}

const MONTH = MONTHS_SHORT.join('|').toLowerCase();

/** The day that is said; null: none is; a text: what is wrong with it. */
function takeDay(line: Line, { first, last, today }: SaidOf): DayNumber | null | string {
  const near = line.take(/\b(today|yesterday)\b/);
  if (near) return within(near[1] === 'today' ? today : addDays(today, -1));
  const dated =
    line.take(new RegExp(`\\b(\\d{1,2})\\.? (${MONTH})[a-z]*\\b`)) ??
    line.take(new RegExp(`\\b(${MONTH})[a-z]* (\\d{1,2})\\b`));
  const weekday = line.take(
    /\b(mon|tue|wed|thu|fri|sat|sun)(day|sday|nesday|rsday|urday|s|rs|r)?\b/,
  );
  if (dated) {
    const month = MONTHS_SHORT.findIndex((one) => dated.slice(1).includes(one.toLowerCase()));
    const dayOfMonth = dated.slice(1).find((part) => /^\d+$/.test(part))!;
    const year = civilDateOf(last).year;
    const found = [year, year - 1]
      .map((one) => parseDate(`${one}-${two(month + 1)}-${dayOfMonth.padStart(2, '0')}`))
      .find((one) => one !== null && one <= last);
    if (found === null || found === undefined) return 'There is no such date.';
    const name = WEEKDAYS[weekdayOf(found) - 1]!;
    const isOther = weekday !== null && weekday[1] !== name.toLowerCase();
    return isOther ? `${dated[0]} is a ${name}.` : within(found);
  }
  if (!weekday) return null;
  const wanted = WEEKDAYS.findIndex((one) => one.toLowerCase() === weekday[1]) + 1;
  const back = (weekdayOf(last) - wanted + 7) % 7;
  return within(addDays(last, -back));

  function within(day: DayNumber): DayNumber | string {
    return day >= first && day <= last
      ? day
      : `${shortDate(day)} is not among the days that were watched, ${shortDate(first)} to ${shortDate(last)}.`;
  }
}

const two = (value: number): string => String(value).padStart(2, '0');

const A_MINUTE = 60;
const AN_HOUR = 3600;

function takeLength(line: Line): number | null {
  if (line.take(/\bhalf an hour\b/)) return AN_HOUR / 2;
  if (line.take(/\b(a )?quarter of an hour\b/)) return AN_HOUR / 4;
  if (line.take(/\ban hour\b/)) return AN_HOUR;
  const match =
    line.take(/\b(\d+(?:\.\d)?)\s*(?:h|hrs?|hours?)(?:\s*(\d{1,2})\s*(?:m|mins?|minutes?)?)?\b/) ??
    line.take(/\b()(\d{1,3})\s*(?:m|mins?|minutes?)\b/);
  if (!match) return null;
  return Math.round(Number(match[1] || 0) * AN_HOUR + Number(match[2] ?? 0) * A_MINUTE);
}

const A_TIME =
  /\b(?:(noon|midnight)|(\d{1,2})[:.](\d{2})\s*(am|pm|a\.m\.|p\.m\.)?|(\d{1,2})\s*(am|pm|a\.m\.|p\.m\.|o'clock))(?!\w)/;

/** In seconds of the day; null: none is said; undefined: what is said is none. */
function takeTime(line: Line): number | null | undefined {
  const match = line.take(A_TIME);
  if (!match) return null;
  const [, named, hour, minute = '0', half, hourAlone, halfAlone] = match;
  if (named) return named === 'noon' ? SECONDS_PER_DAY / 2 : 0;
  const isHalf = (half ?? halfAlone)?.[0];
  const typed = Number(hour ?? hourAlone);
  const isOfTwelve = isHalf === 'a' || isHalf === 'p';
  const hours = isOfTwelve ? (typed % 12) + (isHalf === 'p' ? 12 : 0) : typed;
  const isTime = hours < 24 && Number(minute) < 60 && (!isOfTwelve || (typed >= 1 && typed <= 12));
  return isTime ? hours * AN_HOUR + Number(minute) * A_MINUTE : undefined;
}
