export { HANDED_ON } from './handed-on.js';
export { changesOn, documentWith, pathOf, type DocumentChange } from './on-document.js';
export { repair, type Repair, type RepairLimits } from './repair.js';
