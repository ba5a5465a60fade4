export { apartFromOthers } from './apart-from-others.js';
export { fixPreview, type FixPreview } from './fix-preview.js';
export { isFixable, fixesOf } from './fixes-of.js';
export type { Fix } from './fix.js';
