export {
  AllDates,
  firstCollision,
  firstCollisions,
  allDates,
  headroomPercent,
} from './all-dates.js';
export { percentGrid, type GridPercent } from './headroom.js';
