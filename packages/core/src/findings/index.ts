export { check, type Finding, type FindingCode } from './check.js';
export { SEVERITIES, type ClockFault, type Severity, type StartName } from './finding.js';
