export {
  seasonBalance,
  USUAL_SENSOR,
  type MonthOfWater,
  type RatedFacts,
  type Season,
  type SeasonBalance,
  type SensorHabits,
  type StationSeason,
} from './season-balance.js';
export { moistureHolds, type MoistureHold } from './moisture-holds.js';
export { seasonAhead } from './season-ahead.js';
export { seasonOfCopies, type BalanceOfCopy, type SeasonAsked } from './season-of-copies.js';
export { neededMm, waterReport, type WaterReport } from './water-report.js';
