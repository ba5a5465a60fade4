import type { Percents } from '../dues/index.js';
import type { FindingCode } from '../findings/index.js';

/** Why somebody has to look at a timer, the worst first. */
export const REASON_KINDS = [
  'too-much',
  'error',
  'rule',
  'ahead',
  'visit-open',
  'percentage',
  'key-in',
  'confirm',
  'job',
  'hold',
] as const;
export type ReasonKind = (typeof REASON_KINDS)[number];

export type Reason =
  /** Its settings are too much to work out: nothing else is known. */
  | { readonly kind: 'too-much' }
  /** The settings have errors other than those below. */
  | {
      readonly kind: 'error';
      readonly codes: readonly FindingCode[];
      readonly count: number;
      /** Timer time of the first of them; null: they are of no date. */
      readonly first: string | null;
      /** What the desk says of the one that stands first. */
      readonly message: string;
    }
  /** The settings break rules of the district or the household. */
  | { readonly kind: 'rule'; readonly count: number; readonly first: string | null }
  /** Nothing collides in the next fourteen days, but later, or at the next step of the season. */
  | { readonly kind: 'ahead'; readonly first: string; readonly isAtStep: boolean }
  | { readonly kind: 'visit-open'; readonly since: string; readonly by: string }
  /** The percentage in the timer is more than one of its steps from what the season asks for. */
  | {
      readonly kind: 'percentage';
      /** Null: the timer is off. */
      readonly inTimer: Percents;
      /** Null: nothing is to water. */
      readonly wanted: Percents;
    }
  /** What is saved here is not in the timer. */
  | { readonly kind: 'key-in'; readonly values: number }
  /** Nobody has read so many values off the timer again. */
  | { readonly kind: 'confirm'; readonly values: number }
  | { readonly kind: 'job'; readonly count: number }
  /** A hold is in force, or comes soon. */
  | { readonly kind: 'hold'; readonly until: string };

const WRONG: readonly ReasonKind[] = ['too-much', 'error', 'rule', 'ahead'];

/** Whether the settings themselves are wrong; of the others only work is to be done. */
export const isWrong = ({ kind }: Reason): boolean => WRONG.includes(kind);
