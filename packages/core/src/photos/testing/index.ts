export { cameraJpeg, cameraWebp, PLACE, plainWebp } from './pictures.js';
