export { monthTargets } from './month-targets.js';
export {
  percentsByMonth,
  seasonTable,
  withPercents,
  type MonthTarget,
  type SeasonMonth,
  type SeasonStep,
  type SeasonTable,
  type SeasonTrouble,
  type TableMode,
} from './season-table.js';
