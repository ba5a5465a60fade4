/** A length as it stands in a cell of minutes, just as it may be typed: "15", "2m30". */
export function minutesText(seconds: number): string {
  const rest = seconds % 60;
  const minutes = Math.floor(seconds / 60);
  return rest === 0 ? String(minutes) : `${minutes}m${String(rest).padStart(2, '0')}`;
}

/** A total as hours and minutes: "0:35", "3:05". */
export function hoursText(seconds: number): string {
  const minutes = Math.round(seconds / 60);
  return `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')}`;
}

const LONGEST_SECONDS = 604_800;

/** What is asked for where a length cannot be read. */
export const LENGTH_HINT =
  'Minutes such as 15; 2m30 and 90s for seconds, 1:05 for an hour and five';

const LENGTHS: readonly [RegExp, (a: number, b: number, c: number) => number][] = [
  [/^(\d{1,5})(?:m|min)?$/, (minutes) => minutes * 60],
  [/^(\d{1,3}):([0-5]\d)$/, (hours, minutes) => hours * 3600 + minutes * 60],
  [/^(\d{1,5})(?:m|min)([0-5]?\d)(?:s|sec)?$/, (minutes, seconds) => minutes * 60 + seconds],
  [/^(\d{1,6})(?:s|sec)$/, (seconds) => seconds],
  [/^(\d{1,3})h(?:([0-5]?\d)(?:m|min)?)?$/, (hours, minutes) => hours * 3600 + minutes * 60],
  [
    /^(\d{1,3})h(?:([0-5]?\d)(?:m|min))?([0-5]?\d)(?:s|sec)?$/,
    (hours, minutes, seconds) => hours * 3600 + minutes * 60 + seconds,
  ],
];

/**
 * Reads what was typed as a length: minutes ("15"), with seconds ("2m30", "2 min 30 s", "90s"), hours ("1h",
 * "1 h 05"); with a colon hours and minutes ("1:05"), as timers show them. Undefined for text that is none;
 * null for an empty cell.
 */
export function parseLength(text: string): number | null | undefined {
  const clean = text.trim().toLowerCase().replace(/\s+/g, '');
  if (clean === '' || clean === '-' || clean === '–' || clean === '·') return null;
  for (const [pattern, seconds] of LENGTHS) {
    const match = pattern.exec(clean);
    if (!match) continue;
    const value = seconds(Number(match[1]), Number(match[2] ?? 0), Number(match[3] ?? 0));
    return value <= LONGEST_SECONDS ? value : undefined;
  }
  return undefined;
}

/**
 * Reads what was typed as a time of day, 24-hour or with am/pm: "0330", "3:30", "330p", "12 am",
 * "noon", "12:00 midnight". Gives `HH:MM`; undefined for text that is none; null for an empty cell.
 */
export function parseClock(text: string): string | null | undefined {
  const time = parseExactClock(text);
  if (!time) return time;
  return time.endsWith(':00') ? time.slice(0, 5) : undefined;
}

/** The same with seconds, where there are some: "3:30:15 pm". Gives `HH:MM:SS`. */
export function parseExactClock(text: string): string | null | undefined {
  const clean = text
    .trim()
    .toLowerCase()
    .replace(/[\s.]+/g, '')
    .replace(/^(12(:?00){0,2})?noon$/, '12pm')
    .replace(/^(12(:?00){0,2})?midnight$/, '12am');
  if (clean === '' || clean === '-' || clean === '–' || clean === 'off') return null;
  const match = /^(\d{1,2})(?::?([0-5]\d)(?::([0-5]\d))?)?(am?|pm?)?$/.exec(clean);
  if (!match) return undefined;
  const [, hoursTyped, minutes = '00', seconds = '00', half] = match;
  const hours = hoursOfDay(Number(hoursTyped), half);
  return hours === null ? undefined : `${String(hours).padStart(2, '0')}:${minutes}:${seconds}`;
}

/** The hour of 24, of one typed with or without am or pm; null where there is none such. */
function hoursOfDay(hours: number, half: string | undefined): number | null {
  if (half === undefined) return hours > 23 ? null : hours;
  if (hours < 1 || hours > 12) return null;
  return (hours % 12) + (half.startsWith('p') ? 12 : 0);
}
