export type { Brand } from './brand.js';
export { withChanges, type Changes } from './changes.js';
export { exhaustive } from './exhaustive.js';
export { err, ok, type Result } from './result.js';
export { groupBy } from './group-by.js';
