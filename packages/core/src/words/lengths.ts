/** How long, in words: "18 min", "1 h 05 min", "40 s", "2 min 30 s". */
export function lengthInWords(seconds: number): string {
  const [hours, minutes, rest] = [
    Math.floor(seconds / 3600),
    Math.floor(seconds / 60) % 60,
    seconds % 60,
  ];
  const parts = [
    ...(hours > 0 ? [`${hours} h`] : []),
    ...(minutes > 0 ? [`${hours > 0 ? String(minutes).padStart(2, '0') : minutes} min`] : []),
    ...(rest > 0 ? [`${rest} s`] : []),
  ];
  return parts.length > 0 ? parts.join(' ') : '0 min';
}

const SECONDS_A_DAY = 86_400;

/** What is left of days, to the hour, and of less than one, to the minute; both cut: "2 days 3 h", "3 h 05 min". */
export function leftInWords(seconds: number): string {
  const days = Math.floor(seconds / SECONDS_A_DAY);
  if (days === 0) return lengthInWords(seconds - (seconds % 60));
  const hours = Math.floor((seconds % SECONDS_A_DAY) / 3600);
  return `${days === 1 ? '1 day' : `${days} days`}${hours > 0 ? ` ${hours} h` : ''}`;
}
