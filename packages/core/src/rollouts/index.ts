export { homesChangeInWords } from './change-words.js';
export { fixOf, withFix, type Fix } from './fix.js';
export { HOMES_CHANGES, readHomesChange, type HomesChange } from './homes-change.js';
export { OUTCOMES, tryChange, type Break, type Outcome, type Trial } from './trial.js';
export { withChange } from './with-change.js';
