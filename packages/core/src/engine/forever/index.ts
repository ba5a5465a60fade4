export { Ever, firstCollision, firstCollisions, forever, headroomPercent } from './ever.js';
export { percentGrid, type GridPercent } from './headroom.js';
