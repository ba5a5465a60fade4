export { Confirmed, TOO_FEW_VALUES } from './confirmed.js';
export {
  EvenRule,
  HoursRule,
  IntervalRule,
  LONGEST_INTERVAL_DAYS,
  LONGEST_INTERVAL_HOURS,
  OddRule,
  WeekdayRule,
  type DayRule,
} from './day-rule.js';
export * from './edits.js';
export { emptied, fromFactory } from './emptied.js';
export { hasStart, setStarts } from './has-start.js';
export { hasWatering, isWatering } from './has-watering.js';
export { withLaterFields } from './later-fields.js';
export { holdFor, holdLeftSeconds, holdsNotOver, withoutPastHolds } from './holds.js';
export { nextCountedDay } from './next-counted-day.js';
export { newPlan } from './new-plan.js';
export * from './plan.js';
export { rulesOfDate } from './rules-of-date.js';
export { rulesOver, type SettingsDates } from './rules-over.js';
export { LARGEST_FILE_BYTES, readPlan, readPlanText } from './read-plan.js';
export { FROSTS, type Frost } from './frost.js';
export { SUPPLY_SOURCES, type SupplySource } from './supply-source.js';
export {
  LARGEST_PERCENT,
  MonthlySeason,
  ProgramSeason,
  WeatherSeason,
  WholeSeason,
  type SeasonSetting,
} from './season-setting.js';
