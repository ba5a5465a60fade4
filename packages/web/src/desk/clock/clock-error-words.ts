import { SECONDS_PER_DAY } from '@water-clock/core/civil-time';
import { counted, lengthInWords } from '@water-clock/core/words';

/** @example "12 h ahead", "right", "7 days and 1 h behind" */
export function clockErrorWords(offSeconds: number): string {
  if (offSeconds === 0) return 'right';
  const size = Math.abs(offSeconds);
  const days = Math.floor(size / SECONDS_PER_DAY);
  const rest = size % SECONDS_PER_DAY;
  const parts = [
    ...(days > 0 ? [counted(days, 'day')] : []),
    ...(rest > 0 ? [lengthInWords(rest)] : []),
  ];
  return `${parts.join(' and ')} ${offSeconds > 0 ? 'ahead' : 'behind'}`;
}
