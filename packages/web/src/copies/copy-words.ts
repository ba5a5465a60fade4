import type { CopyReason } from '@water-clock/core/property-file';
import type { CopyListing } from '../api/copies';
import type { Clock } from '../format/reading';
import { momentWords } from '../format/moment-words';

export const REASON_NAMES: Record<CopyReason, string> = {
  'as-found': 'as found',
  planned: 'planned',
  left: 'as left',
};

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
