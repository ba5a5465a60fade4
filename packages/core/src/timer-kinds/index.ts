export { GENERIC_KINDS, type GenericKind } from './generic-kinds.js';
export { KEY_IN_PARTS, readHandling, TimerHandling, type KeyInPart } from './handling.js';
export * from './timer-capability.js';
export { readKind } from './read-kind.js';
