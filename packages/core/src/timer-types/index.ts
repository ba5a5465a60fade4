export { GENERIC_TYPES, type GenericType } from './generic-types.js';
export {
  INTERVAL_QUESTIONS,
  KEY_IN_PARTS,
  MOST_HOLD_DAYS,
  readHandling,
  TimerHandling,
  WIRINGS,
  type IntervalQuestion,
  type KeyInPart,
  type WiringKind,
} from './handling.js';
export * from './timer-capability.js';
export { readTimerType } from './read-timer-type.js';
