export { clockChanges, clockIn, offsetOn, type ClockChange } from './clock-changes.js';
