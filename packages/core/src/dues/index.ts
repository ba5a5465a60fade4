export {
  CARE_KINDS,
  DUE_KINDS,
  type CareKind,
  type Due,
  type DueKind,
  type PutOff,
} from './due.js';
export type { Percents } from './percents.js';
export { changeOfDue, plannedChangeKey } from './dated-dues.js';
export type { DueAnswer, DueFacts, PlannedChange, SeasonFacts } from './due-facts.js';
export { nextCare } from './care-dues.js';
export { latest } from './latest.js';
export { duesOf } from './dues-of.js';
export { SOON_DAYS } from './soon.js';
export { dueInWords, dueSince, percentsInWords } from './due-words.js';
export { seasonStepWords } from './season-step-words.js';
export { householdSets, type HouseholdSet } from './household-sets.js';
export { householdMessage } from './household-message.js';
export { readSpans, Spans } from './spans.js';
