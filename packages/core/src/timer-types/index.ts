export { GENERIC_TYPES, type GenericType } from './generic-types.js';
export { KEY_IN_PARTS, readHandling, TimerHandling, type KeyInPart } from './handling.js';
export * from './timer-capability.js';
export { readTimerType } from './read-timer-type.js';
