export { narrowed, subjectOf, type Answer, type Bearing, type WeighedCause } from './answers.js';
export { explain, weigh, type Cause } from './explain.js';
export { waterWith, type DrawnWater } from './drawn.js';
export { perhapsTwo, type TwoThings } from './two-things.js';
export { readSaid, type Said, type SaidOf } from './said.js';
export {
  MOST_SEEN,
  readSeen,
  SEEN_FORMAT,
  seenProblems,
  Dry,
  type Observation,
  Seen,
  Watered,
} from './seen.js';
