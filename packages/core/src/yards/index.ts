export { SOILS, SUNS, Yard, YARD_FORMAT, YardStation, type Soil, type Sun } from './yard.js';
export { readYard } from './read-yard.js';
export { leadersOf, withFollowers, withYard, yardFor } from './yard-and-plan.js';
export { mergeYards, type MergedYard, type YardConflict } from './merge-yards.js';
