import type { Plan } from '../settings/index.js';
import type { KeyInPart } from '../timer-types/index.js';
import type { KeyInValue } from './value.js';

/** One setting of a timer, where it is keyed in and read off. */
export interface KeyInPlace {
  /** The same for the same setting of any plan: `A start 2`. */
  readonly key: string;
  readonly part: Exclude<KeyInPart, 'clock'>;
  readonly program?: string;
  readonly station?: number;
  /** What is asked for, without program and station: `Start 2`. */
  readonly what: string;
  readonly read: (plan: Plan) => KeyInValue;
  /** What hardly a timer has otherwise: asked for only where it is, or is to be, something else. */
  readonly usual?: KeyInValue;
  /** Null: written only with all the others of its program, for a start that is off moves those after it. */
  readonly write: ((plan: Plan, value: KeyInValue) => Plan) | null;
}
