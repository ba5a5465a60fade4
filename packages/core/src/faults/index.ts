export { Believed, MOST_OFF_DAYS } from './believed.js';
export {
  ELECTRICAL_FAULTS,
  electricalFaultsOf,
  type ElectricalCode,
  type ElectricalFault,
  type TerminalReading,
} from './electrical/index.js';
export { HARDWARE_CODES, type HardwareCode } from './hardware-code.js';
export { hardwareFault, hardwareFaultsOf } from './hardware.js';
export type { HardwareFault, Wiring } from './hardware-fault.js';
export { CIRCUITS, LAMPS, type Circuit, type Lamp } from './circuits.js';
export { suspectsOf, type CircuitsFound, type Suspect } from './suspects.js';
export { FAULT_CODES } from './fault.js';
export type { Fault, FaultCode, FaultOf, HandPiece, HandRun } from './fault.js';
export type { SeenWater } from './fault-kind.js';
export type { Flow } from './flow.js';
export { COMMON_OFFSETS } from './kinds/clock.js';
export {
  faultInWords,
  flowsBeside,
  flowsOf,
  flowsOfBoth,
  isCommon,
  mendingOf,
  settingsWith,
  showingOf,
  sizeOf,
  unlikelihood,
} from './library.js';
