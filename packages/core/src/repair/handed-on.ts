import type { FindingCode } from '../findings/index.js';

/**
 * What settings cannot mend: the clock is set by itself, switches are turned by hand, and nobody knows how much a
 * station without water wants. It is handed on, and does not make settings unsound.
 */
export const HANDED_ON: ReadonlySet<FindingCode> = new Set([
  'clock-off',
  'controller-off',
  'sensor-bypassed',
  'station-idle',
  'station-beyond-timer',
  'missing-run-time',
]);
