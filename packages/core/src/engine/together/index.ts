export { type FlowTogether } from './flows.js';
export { type Meeting, type RunOfTimer } from './meetings.js';
export {
  clocksMayDriftSeconds,
  supplyOf,
  together,
  togetherReport,
  type FlowOver,
  type Together,
  type TogetherReport,
} from './together.js';
