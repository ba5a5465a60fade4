export { clockChanges, offsetOn, type ClockChange } from './clock-changes.js';
export { clockIn } from './clock-in.js';
