export { differences, type Difference } from './differences.js';
export { changeSentences } from './sentences.js';
