import type { CopyReason } from '@water-clock/core/property-file';
import type { CopyListing } from '../api/copies';
import type { Clock } from '../api/session';

export const REASON_NAMES: Record<CopyReason, string> = {
  'as-found': 'as found',
  planned: 'planned',
  left: 'left in the timer',
};

/** When something was saved, on this device's calendar: "Tue 9 June 2026, 14:05". */
export function momentWords(instant: string, clock: Clock): string {
  const moment = new Date(instant);
  const date = moment.toLocaleDateString('en-GB', {
    weekday: 'short',
    day: 'numeric',
    month: 'long',
    year: 'numeric',
  });
  const time = moment.toLocaleTimeString('en-GB', {
    hour: '2-digit',
    minute: '2-digit',
    hour12: clock === '12',
  });
  return `${date.replace(',', '')}, ${time.toUpperCase()}`;
}

/** @example "№ 3, as found, Tue 9 June 2026, 14:05, by Ines Marlow" */
export function copyWords(
  { number, name, reason, person, madeAt }: CopyListing,
  clock: Clock,
): string {
  const parts = [
    `№ ${number}`,
    ...(name ? [`"${name}"`] : []),
    REASON_NAMES[reason],
    momentWords(madeAt, clock),
    ...(person ? [`by ${person}`] : []),
  ];
  return parts.join(', ');
}
