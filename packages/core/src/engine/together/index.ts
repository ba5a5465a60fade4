export { BETWEEN_TIMERS_SECONDS } from './between-timers.js';
export { type FlowStep, type FlowTogether } from './flows.js';
export { nightOfHome, type HomePiece, type NightOfHome } from './water-of-home.js';
export { type Meeting, type RunOfTimer } from './meetings.js';
export {
  clocksMayDriftSeconds,
  firstMeetingOf,
  supplyOf,
  together,
  togetherReport,
  type FlowOver,
  type Together,
  type TogetherReport,
} from './together.js';
