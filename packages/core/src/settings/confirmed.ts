import { WholeNumber } from '../documents/index.js';

const MOST_VALUES = 100_000;

/** What is wrong where more values are not read than there are. */
export const TOO_FEW_VALUES = 'must be at least keyedIn and unknown together';

/** Of how many values of a timer somebody read what stands there, when its settings were saved. */
export class Confirmed {
  /** How many values it has; 0: nobody counted. */
  @WholeNumber(0, MOST_VALUES) of = 0;
  /** Keyed in, and not read back. */
  @WholeNumber(0, MOST_VALUES) keyedIn = 0;
  /** Of these nobody knows what stands there. */
  @WholeNumber(0, MOST_VALUES) unknown = 0;
}
