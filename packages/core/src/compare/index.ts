export { differences, type Difference } from './differences.js';
