export { CARE_DONE, CARE_NAMES, CARES, type Care } from './care.js';
export { caresAt, hasBackflow, hasFilter } from './cares-at.js';
export { checklistOf } from './checklist-of.js';
export type { CareAsk, CarePlace, CareStep, Checklist } from './checklist.js';
export { hasDrip } from './has-drip.js';
