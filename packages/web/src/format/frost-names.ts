import type { Frost } from '@water-clock/core/settings';

/** How hard it freezes somewhere, in words. */
export const FROST_NAMES: Record<Frost, string> = {
  none: 'never',
  light: 'on some nights',
  hard: 'into the ground',
};
