export { askedWords } from './asked-words.js';
export { keyInSteps, lastLook, type KeyInAsked, type KeyInStep } from './key-in-steps.js';
export { isMeant, keyInPlaces, meantPlaces, type KeyInPlace } from './places.js';
export { withShown } from './read-back.js';
export { isSameValue, valueCode, valueOfCode, valueWords, type KeyInValue } from './value.js';
