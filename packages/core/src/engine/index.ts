export { isTooMuch, TooMuchToWorkOut } from './budget.js';
export { clockErrorSeconds } from './clock-error.js';
export { type Collision } from './collisions.js';
export {
  compiledAlone,
  compilePlan,
  runAlone,
  type CompiledPlan,
  type CompiledProgram,
  type CompiledStart,
} from './compiled-plan.js';
export { dayPredicate, factsOf, type DayFacts } from './day-predicate.js';
export {
  closedTimes,
  hoursByDateWithin,
  hoursWithin,
  merged,
  outside,
  type Span,
} from './dry-times.js';
export { allDatesReport, type AllDatesReport } from './all-dates-report.js';
export { type DateRange, type NominalRun } from './nominal-runs.js';
export { type BegunRun } from './overlap.js';
export { inPrintedOrder, openings, type WaterPiece } from './pieces.js';
export {
  percentByDate,
  percentGrid,
  percentOn,
  percentsIn,
  scaledSeconds,
} from './season-percent.js';
export { hoursTurns } from './hours-turns.js';
export { lengthsInForce, type LengthsInForce, type StartInForce } from './lengths-in-force.js';
export { runShape, type RunShape, type StationShare } from './run-shape.js';
export { simulate, simulateCompiled, waterOf, type Simulation } from './simulate.js';
export { simulationReport, type RunName, type SimulationReport } from './simulation-report.js';
export {
  AllDates,
  firstCollision,
  firstCollisions,
  allDates,
  headroomPercent,
  longestRun,
  type GridPercent,
} from './all-dates/index.js';
export * from './together/index.js';
export { takesMore } from './takes-more.js';
export { withoutRainAndFrost } from './without-rain-and-frost.js';
