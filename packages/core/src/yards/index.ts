export {
  CatchReading,
  FOLLOWED_FOR,
  MoistureSensor,
  OwnMemory,
  plantInSettings,
  PLANTINGS,
  SCHOOLS,
  SOILS,
  StationModule,
  SUNS,
  UNIT_RESULTS,
  UnitTest,
  ValveUnit,
  Yard,
  YARD_FORMAT,
  YardStation,
  type FollowedFor,
  type School,
  type Soil,
  type Sun,
  type UnitResult,
  type YardPlant,
} from './yard.js';
export {
  addStation,
  COPIED_FIELDS,
  copyTo,
  nextStation,
  removeStation,
  setFields,
  setModule,
  setStation,
  setWire,
  type YardEdit,
} from './edits.js';
export {
  assignAndAdd,
  assignInOrder,
  unitName,
  unitsFound,
  unitsTwice,
  type UnitsFound,
} from './valve-units.js';
export { wiringOf, type FittedModule, type Wiring } from './wiring.js';
export { readYard } from './read-yard.js';
export { leadersOf, moistureHeld, withFollowers, withYard, yardFor } from './yard-and-plan.js';
export { isSameYard, mergeYards, type MergedYard, type YardConflict } from './merge-yards.js';
