export { Believed, MOST_OFF_DAYS } from './believed.js';
export {
  ELECTRICAL_FAULTS,
  electricalFaultsOf,
  type ElectricalCode,
  type ElectricalFault,
  type TerminalReading,
  type Wiring,
} from './electrical/index.js';
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
