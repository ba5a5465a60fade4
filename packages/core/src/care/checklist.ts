import type { Frost, SupplySource } from '../settings/index.js';

/** One thing to do or to look at. */
export interface CareStep {
  /** Within its checklist. */
  readonly id: string;
  readonly words: string;
  /** What can hurt somebody or break a rule at this step. */
  readonly caution?: string;
}

/** What is asked beside the steps. */
export type CareAsk = 'pressure' | 'tester';

/** How to care for something. */
export interface Checklist {
  readonly caution: string;
  readonly asks: readonly CareAsk[];
  readonly steps: readonly CareStep[];
}

/** What a checklist goes by. */
export interface CarePlace {
  readonly supply: SupplySource;
  readonly frost: Frost;
  readonly power: 'mains' | 'battery';
  /** Drip or micro sprays are there. */
  readonly hasDrip: boolean;
}

/** The water is lifted by a pump of the home. */
export const isPumped = ({ supply }: CarePlace): boolean =>
  supply === 'bore' || supply === 'pond' || supply === 'tank';

/** A step, where it is one. */
export const where = (is: boolean, ...steps: readonly CareStep[]): readonly CareStep[] =>
  is ? steps : [];
