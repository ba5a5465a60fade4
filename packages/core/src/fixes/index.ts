export { isFixable, fixesOf } from './fixes-of.js';
export type { Fix } from './fix.js';
