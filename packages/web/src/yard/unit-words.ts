import type { UnitResult } from '@water-clock/core/yards';

/** What a test of a valve unit said, in a word or two. */
export const RESULT_NAMES: Readonly<Record<UnitResult, string>> = {
  fine: 'fine',
  open: 'open coil',
  short: 'shorted',
  silent: 'no answer',
};
