/** A run time as it stands in a cell: minutes, or minutes and seconds: "15", "2:30". */
export function minutesText(seconds: number): string {
  const rest = seconds % 60;
  const minutes = Math.floor(seconds / 60);
  return rest === 0 ? String(minutes) : `${minutes}:${String(rest).padStart(2, '0')}`;
}

/** A total as hours and minutes: "0:35", "3:05". */
export function hoursText(seconds: number): string {
  const minutes = Math.round(seconds / 60);
  return `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')}`;
}

const LONGEST_SECONDS = 604_800;

/**
 * Reads what was typed as a length: minutes ("15"), minutes and seconds ("2:30"), seconds ("90s")
 * or hours ("1h", "1h20"). Undefined for text that is none; null for an empty cell.
 */
export function parseLength(text: string): number | null | undefined {
  const clean = text.trim().toLowerCase().replace(/\s+/g, '');
  if (clean === '' || clean === '-' || clean === '–' || clean === '·') return null;
  const patterns: [RegExp, (a: number, b: number) => number][] = [
    [/^(\d{1,5})(?:m|min)?$/, (minutes) => minutes * 60],
    [/^(\d{1,5}):([0-5]\d)$/, (minutes, seconds) => minutes * 60 + seconds],
    [/^(\d{1,6})s$/, (seconds) => seconds],
    [/^(\d{1,3})h(?:([0-5]?\d)(?:m|min)?)?$/, (hours, minutes) => hours * 3600 + minutes * 60],
  ];
  for (const [pattern, seconds] of patterns) {
    const match = pattern.exec(clean);
    if (!match) continue;
    const value = seconds(Number(match[1]), Number(match[2] ?? 0));
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
