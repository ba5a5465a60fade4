export { firstCollision, firstCollisions } from './first-collision.js';
export { headroomPercent, percentGrid } from './headroom.js';
