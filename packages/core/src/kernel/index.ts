export type { Brand } from './brand.js';
export { exhaustive } from './exhaustive.js';
export { err, ok, type Result } from './result.js';
export { groupBy } from './group-by.js';
