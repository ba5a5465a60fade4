export { isMendable, mendsOf } from './mends-of.js';
export type { Mend } from './mend.js';
