export {
  CatchReading,
  plantInSettings,
  PLANTINGS,
  SCHOOLS,
  SOILS,
  SUNS,
  Yard,
  YARD_FORMAT,
  YardStation,
  type School,
  type Soil,
  type Sun,
  type YardPlant,
} from './yard.js';
export {
  addStation,
  COPIED_FIELDS,
  copyTo,
  nextStation,
  removeStation,
  setFields,
  setStation,
  type YardEdit,
} from './edits.js';
export { readYard } from './read-yard.js';
export { leadersOf, withFollowers, withYard, yardFor } from './yard-and-plan.js';
export { isSameYard, mergeYards, type MergedYard, type YardConflict } from './merge-yards.js';
