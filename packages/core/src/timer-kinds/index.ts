export * from './timer-capability.js';
