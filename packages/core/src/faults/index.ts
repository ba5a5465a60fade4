export { Believed, MOST_OFF_DAYS } from './believed.js';
export {
  FAULT_CODES,
  type Fault,
  type FaultCode,
  type FaultOf,
  type HandPiece,
  type HandRun,
} from './fault.js';
export { earlier, type Flow } from './flow.js';
export { flowsOf } from './flows-of.js';
