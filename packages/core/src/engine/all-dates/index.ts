export {
  AllDates,
  firstCollision,
  firstCollisions,
  allDates,
  headroomPercent,
} from './all-dates.js';
export { longestRun } from './first-collision.js';
export { type GridPercent } from './headroom.js';
