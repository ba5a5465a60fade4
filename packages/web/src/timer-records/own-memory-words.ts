import { parseDate, type DayNumber } from '@water-clock/core/civil-time';
import { nearDate } from '@water-clock/core/words';
import type { OwnMemory } from '@water-clock/core/yards';

/** Which copy a timer's own memory holds, since when and by whom. */
export function ownMemoryWords(memory: OwnMemory | undefined, today: DayNumber): string {
  if (!memory) return 'Nobody has noted that anything is stored in it.';
  const { storedOn, storedBy, copy } = memory;
  const by = storedBy ? ` by ${storedBy}` : '';
  const what = copy || 'what was in it then';
  return `It holds ${what}, stored on ${nearDate(parseDate(storedOn)!, today)}${by}.`;
}
