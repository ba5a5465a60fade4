export { clockChanges, offsetOn, type ClockChange } from './clock-changes.js';
