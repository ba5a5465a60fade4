import { keysOf } from '../kernel/index.js';
import type { ElectricalCode } from './electrical/electrical-code.js';

export type HardwareCode =
  | ElectricalCode
  | 'display-dark'
  | 'battery-flat'
  | 'sensor-wire'
  | 'pump-circuit-open'
  | 'pump-circuit-short';

const CODES: Readonly<Record<HardwareCode, true>> = {
  'wire-open': true,
  'coil-short': true,
  'coil-open': true,
  'splice-wet': true,
  'common-open': true,
  'unit-silent': true,
  'cable-open': true,
  'module-dead': true,
  'transformer-dead': true,
  'cable-short': true,
  'display-dark': true,
  'battery-flat': true,
  'sensor-wire': true,
  'pump-circuit-open': true,
  'pump-circuit-short': true,
};

/** All that can be broken in a timer, in its wires or in what hangs on them. */
export const HARDWARE_CODES: readonly HardwareCode[] = keysOf(CODES);
