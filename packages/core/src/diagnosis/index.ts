export { explain, type Cause } from './explain.js';
export {
  readSeen,
  SEEN_FORMAT,
  type Dry,
  type Observation,
  type Seen,
  type Watered,
} from './seen.js';
