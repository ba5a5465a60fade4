import type { HouseholdSet } from './household-sets.js';
import type { Percents } from './percents.js';

/** What falls due at a timer, one after another as it is listed. */
export const DUE_KINDS = [
  'season-step',
  'clock-change',
  'rule-change',
  'planned-change',
  'sensor-back',
  'hold-ends',
  'look',
  'battery',
  'sensor-test',
  'filter',
  'yearly-check',
  'backflow-test',
  'winter',
  'spring',
  'link-ends',
] as const;
export type DueKind = (typeof DUE_KINDS)[number];

/** What is cared for again and again, each time so many months after the last. */
export const CARE_KINDS = [
  'battery',
  'sensor-test',
  'filter',
  'yearly-check',
  'backflow-test',
] as const;
export type CareKind = (typeof CARE_KINDS)[number];

interface AnyDue {
  /** The same until it is done: of care by when it was done last, of all else by its date. */
  readonly key: string;
  /** The date on which it falls due, `YYYY-MM-DD`: that of its putting off, where somebody put it off. */
  readonly on: string;
  readonly putOff: PutOff | null;
}

export interface PutOff {
  /** The date on which it fell due. */
  readonly from: string;
  readonly reason: string;
}

export type Due = AnyDue &
  (
    | {
        readonly kind: 'season-step';
        readonly percents: Percents;
      }
    | { readonly kind: 'clock-change'; readonly isForward: boolean }
    | { readonly kind: 'rule-change' }
    | {
        readonly kind: 'planned-change';
        /** What the change of many homes is called. */
        readonly name: string;
        /** What is to be set; null: only whoever knows the timer can. */
        readonly sets: readonly HouseholdSet[] | null;
      }
    | { readonly kind: 'sensor-back'; readonly sensors: readonly ('rain' | 'freeze')[] }
    | { readonly kind: 'hold-ends' }
    | { readonly kind: 'look' }
    | { readonly kind: 'battery'; readonly isBackup: boolean; readonly last: string | null }
    | {
        readonly kind: Exclude<CareKind, 'battery'>;
        /** When it was done last; null: nobody wrote it down. */
        readonly last: string | null;
      }
    | {
        readonly kind: 'winter' | 'spring';
        /** When it was done last; null: nobody wrote it down. */
        readonly last: string | null;
      }
    | { readonly kind: 'link-ends' }
  );

/** A due before anybody has put it off. */
export type FirstDue = Due extends infer One
  ? One extends Due
    ? Omit<One, 'putOff'>
    : never
  : never;
