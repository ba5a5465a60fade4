export {
  AllDates,
  firstCollision,
  firstCollisions,
  allDates,
  headroomPercent,
} from './all-dates.js';
export { type GridPercent } from './headroom.js';
