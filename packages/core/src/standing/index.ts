export { expectedMinutes } from './expected-minutes.js';
export { isWrong, REASON_KINDS, type Reason, type ReasonKind } from './reason.js';
export { reasonInWords } from './reason-words.js';
export { DUE_DAYS, TOO_MUCH, type PastEntry, type Standing, type TimerFacts } from './standing.js';
export { seasonHere } from './season-here.js';
export { standingOf } from './standing-of.js';
