export { judgeFlows, type FlowVerdict, type JudgedFlow, type JudgedVisit } from './judge-flows.js';
export { secondsAYear } from './seconds-a-year.js';
export { SPREAD, usualOf, type FlowRead, type UsualFlow } from './usual-flow.js';
