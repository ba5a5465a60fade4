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
export { householdHows, type HouseholdHows } from './household-hows.js';
export { sheetOf, type SheetAsked } from './sheet-of.js';
export { nextWatering, stationWaterings, type StationWatering } from './station-week.js';
export { timerWeek, type DryReason, type TimerWeek, type TimerWeekAsked } from './timer-week.js';
export { printedCopy, type PrintedCopy, type PrintedRow } from './printed-copy.js';
export {
  householdNow,
  type HouseholdAsked,
  type HouseholdDay,
  type HouseholdNow,
  type HouseholdWatering,
  type VisitDone,
} from './household-now.js';
