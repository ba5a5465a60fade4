export { monthTargets } from './month-targets.js';
export {
  seasonTable,
  withPercents,
  type MonthTarget,
  type SeasonMonth,
  type SeasonStep,
  type SeasonTable,
  type SeasonTrouble,
} from './season-table.js';
