export { GENERIC_KINDS, type GenericKind } from './generic-kinds.js';
export * from './timer-capability.js';
export { readKind } from './read-kind.js';
