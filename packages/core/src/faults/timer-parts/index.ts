import type { PartFault } from '../hardware-fault.js';
import { BATTERY_FLAT } from './battery-flat.js';
import { DISPLAY_DARK } from './display-dark.js';
import { PUMP_CIRCUIT_OPEN } from './pump-circuit-open.js';
import { PUMP_CIRCUIT_SHORT } from './pump-circuit-short.js';
import { SENSOR_WIRE } from './sensor-wire.js';

/** Faults of a timer and of what hangs on it besides its stations. */
export const PART_FAULTS: readonly PartFault[] = [
  DISPLAY_DARK,
  BATTERY_FLAT,
  SENSOR_WIRE,
  PUMP_CIRCUIT_OPEN,
  PUMP_CIRCUIT_SHORT,
];
