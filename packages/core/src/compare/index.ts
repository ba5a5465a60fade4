export { differences, type Difference } from './differences.js';
export {
  dayRuleInWords,
  inWords,
  says,
  seasonInWords,
  type DifferenceInWords,
} from './in-words.js';
export { changesInWords, changeSentences } from './sentences.js';
export { yardSentences } from './yard-changes.js';
export { setInWords, type SetInWords } from './set-in-words.js';
