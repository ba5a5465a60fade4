export { bypassedSensors, dueDates, seasonStep, type DueAsked } from './due-dates.js';
export {
  readSheet,
  Sheet,
  SHEET_FORMAT,
  SheetBar,
  SheetDay,
  SheetDue,
  SheetStation,
} from './sheet.js';
export { axisHour, barWords, hourWords, sheetDate, shortSheetDate } from './messages/dates.js';
export { GENERAL_WORDS, LABELS } from './messages/en.js';
export { sheetOf, type SheetAsked } from './sheet-of.js';
export { nextWatering, stationWaterings, type StationWatering } from './station-week.js';
export { printedCopy, type PrintedCopy, type PrintedRow } from './printed-copy.js';
