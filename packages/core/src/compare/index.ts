export { differences, type Difference } from './differences.js';
export { inWords, says, type DifferenceInWords } from './in-words.js';
export { changesInWords, changeSentences } from './sentences.js';
