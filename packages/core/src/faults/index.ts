export { Believed, MOST_OFF_DAYS } from './believed.js';
export type { Fault, FaultCode, FaultOf, HandPiece, HandRun } from './fault.js';
export type { SeenWater } from './fault-kind.js';
export type { Flow } from './flow.js';
export { COMMON_OFFSETS } from './kinds/clock.js';
export {
  FAULT_CODES,
  faultInWords,
  flowsBeside,
  flowsOf,
  flowsOfBoth,
  isCommon,
  settingsWith,
  sizeOf,
  unlikelihood,
} from './library.js';
