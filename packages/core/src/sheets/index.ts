export { dueDates, type DueAsked } from './due-dates.js';
export {
  readSheet,
  Sheet,
  SHEET_FORMAT,
  SheetBar,
  SheetDay,
  SheetDue,
  SheetStation,
} from './sheet.js';
export { GENERAL_WORDS, LABELS } from './messages/en.js';
export { sheetOf, type SheetAsked } from './sheet-of.js';
export { printedCopy, type PrintedCopy, type PrintedRow } from './printed-copy.js';
