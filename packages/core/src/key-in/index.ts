export { askedWords } from './asked-words.js';
export { keyInSteps, lastLook, type KeyInAsked, type KeyInStep } from './key-in-steps.js';
export type { KeyInPlace } from './key-in-place.js';
export { isMeant, keyInPlaces, meantPlaces } from './places.js';
export { withShown } from './read-back.js';
export { isSameValue, valueCode, valueOfCode, valueWords, type KeyInValue } from './value.js';
export { valuesToKeyIn } from './values-to-key-in.js';
