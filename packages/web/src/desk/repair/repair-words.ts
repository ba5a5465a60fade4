import type { RepairFound } from '../../computing/repair.worker';
import type { NotFound } from '../../computing/use-repair';

export const NOT_FOUND_WORDS: Record<NotFound, string> = {
  busy: 'Looking for the fewest settings to change …',
  stopped: 'Stopped before anything was found. Fix what is found one by one.',
  failed: 'The changes could not be worked out. Fix what is found one by one.',
  'too-much': 'There is far too much set on this timer to work the changes out.',
};

/** What was found, in a sentence; "fewest" only where it is proven. */
export function repairWords({ isSound, isRepaired, isProven, changes }: RepairFound): string {
  if (isSound) return 'No setting needs to be changed.';
  const { length } = changes;
  if (!isRepaired)
    return length === 0
      ? 'No change of settings was found that helps.'
      : 'No few changes put everything right. These come nearest.';
  if (length === 1) return 'One change puts everything right.';
  return isProven
    ? `${length} changes put everything right, and no fewer do.`
    : `${length} changes put everything right. Whether fewer do is not known.`;
}
