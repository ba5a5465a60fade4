import type { Outcome } from '../outcome.js';

/** One word of the command line and what it does with the words after it. */
export interface Verb {
  readonly name: string;
  readonly usage: string;
  readonly summary: string;
  readonly run: (words: readonly string[], now: Date) => Outcome;
}
