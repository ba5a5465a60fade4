export { arranged, type FindingGroup } from './arranged.js';
export { check, type Finding, type FindingCode } from './check.js';
export { inspect, type Inspection } from './inspect.js';
export { outlook, OUTLOOK_DAYS, type Outlook } from './outlook.js';
export { findingKey } from './finding-key.js';
export { SEVERITIES, type ClockFault, type Severity, type StartName } from './finding.js';
export { MOST_DAYS_A_WEEK } from './too-often.js';
export { timerTypeBreaks, withTimerType, type TimerTypeBreaks } from './timer-type-breaks.js';
export { timersOverlap, type NamedTimer, type TimersOverlap } from './timers-overlap.js';
