export { monthWishes } from './month-wishes.js';
export {
  seasonTable,
  withPercents,
  type MonthWish,
  type SeasonMonth,
  type SeasonStep,
  type SeasonTable,
  type SeasonTrouble,
} from './season-table.js';
