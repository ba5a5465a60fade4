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
 * "noon", "12:00 midnight".
 * Undefined for text that is none; null for an empty cell.
 */
export function parseClock(text: string): string | null | undefined {
  const clean = text
    .trim()
    .toLowerCase()
    .replace(/[\s.]+/g, '')
    .replace(/^(12(:?00)?)?noon$/, '12pm')
    .replace(/^(12(:?00)?)?midnight$/, '12am');
  if (clean === '' || clean === '-' || clean === '–' || clean === 'off') return null;
  const match = /^(\d{1,2}):?(\d{2})?(am?|pm?)?$/.exec(clean);
  if (!match) return undefined;
  let hours = Number(match[1]);
  const half = match[3]?.[0];
  if (half && (hours < 1 || hours > 12)) return undefined;
  if (half) hours = (hours % 12) + (half === 'p' ? 12 : 0);
  const minutes = Number(match[2] ?? 0);
  if (hours > 23 || minutes > 59) return undefined;
  return `${String(hours).padStart(2, '0')}:${String(minutes).padStart(2, '0')}`;
}
