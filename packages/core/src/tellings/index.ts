export { MOST_SAW, MOST_WORDS, readTelling, seenOfTelling, Telling } from './telling.js';
