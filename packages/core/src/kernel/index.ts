export type { Brand } from './brand.js';
export { withChanges, type Changes } from './changes.js';
export { exhaustive } from './exhaustive.js';
export { fieldOf } from './field-of.js';
export { getOrMake } from './get-or-make.js';
export { keysOf } from './keys-of.js';
export { err, ok, type Result } from './result.js';
export { greatestCommonDivisor } from './greatest-common-divisor.js';
export { groupBy } from './group-by.js';
