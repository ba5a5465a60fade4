export { changesOn, repairedDocument, type DocumentChange } from './on-document.js';
export { repair, type Repair, type RepairLimits } from './repair.js';
