export { Ever, firstCollision, firstCollisions, forever, headroomPercent } from './ever.js';
export { percentGrid } from './headroom.js';
