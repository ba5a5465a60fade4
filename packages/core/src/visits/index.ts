export { careInWords } from './care-in-words.js';
export { circuitsInWords } from './circuits-in-words.js';
export {
  circuitOf,
  CoilLimits,
  judgeReading,
  OhmLimits,
  readCoilLimits,
  VERDICT_NAMES,
  type ElectricalReading,
  type ElectricalVerdict,
} from './electrical.js';
export {
  CareEntry,
  CauseEntry,
  CircuitAt,
  CircuitsEntry,
  HardwareEntry,
  KeyInEntry,
  readEntry,
  STEP_STATES,
  StationEntry,
  StepEntry,
  VISIT_ENTRIES,
  type StepState,
  type VisitEntry,
} from './entry.js';
export {
  JOB_FAULTS,
  jobFaultName,
  jobInWords,
  stationsInWords,
  type JobFault,
  type JobPlace,
} from './job-faults.js';
export { flowsUntil } from './flows-until.js';
export { FAULT_NAMES, STATION_FAULTS, type StationFault } from './station-faults.js';
export { confirmedNow, inTimerNow, type InTimer, type Reading } from './in-timer.js';
export { isKeyedIn, tickEntries } from './ticks.js';
export {
  nextStep,
  subjectOf,
  visitOf,
  type MadeEntry,
  type Statement,
  type Visit,
} from './visit.js';
export { timerNext, type TimerNext } from './timer-next.js';
export { toKeyIn, type ToKeyIn } from './to-key-in.js';
export { workOf, type StepWork, type WorkHere } from './step-work.js';
export { STEP_NAMES, VISIT_STEPS, type VisitStep } from './visit-steps.js';
