export { Customary, MinutesByHead, readCustomary, WateringsByPlanting } from './customary.js';
export { highestMonth, monthAhead, monthPercents, type MonthPercents } from './month-percents.js';
export { stationFacts, type Fact, type StationFacts, type StationRate } from './station-facts.js';
export {
  schoolOf,
  stationNeed,
  type NeedConditions,
  type NeedInMm,
  type Pieces,
  type SchoolNeed,
  type StationNeed,
} from './station-need.js';
export { yardNeeds, type NeedsAsked, type YardNeeds } from './yard-needs.js';
