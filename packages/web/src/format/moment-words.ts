import { inClock } from '@water-clock/core/words';
import type { Clock } from './reading';

/** When something was saved, on this device's calendar: "Tue 9 June 2026, 14:05". */
export function momentWords(instant: string, clock: Clock): string {
  const moment = new Date(instant);
  const date = moment.toLocaleDateString('en-GB', {
    weekday: 'short',
    day: 'numeric',
    month: 'long',
    year: 'numeric',
  });
  const time = moment.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });
  return inClock(`${date.replace(',', '')}, ${time}`, clock);
}
