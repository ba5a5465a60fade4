import type { DayNumber, TimerSeconds } from '../civil-time/index.js';

/** What can be wrong with a timer, or was done at it, that shows in what waters; likelier ones first. */
export const FAULT_CODES = [
  'as-set',
  'clock',
  'percent',
  'extra-start',
  'extra-program',
  'sensor-stuck',
  'sensor-ignored',
  'switched-off',
  'station-dead',
  'valve-stuck',
  'by-hand',
] as const;
export type FaultCode = (typeof FAULT_CODES)[number];

/** Water that somebody let run by hand, in seconds from when it began. */
export interface HandPiece {
  readonly station: number;
  readonly fromSeconds: number;
  readonly toSeconds: number;
}

/** What somebody ran by hand: one station, a program as it is set, or all stations equally long. */
export type HandRun =
  | { readonly of: 'station'; readonly station: number }
  | { readonly of: 'program'; readonly program: string }
  | { readonly of: 'all'; readonly seconds: number };

export type Fault =
  | { readonly code: 'as-set' }
  /** By how much the clock is ahead of true time; it takes the place of what the copy says. */
  | { readonly code: 'clock'; readonly offSeconds: number }
  | { readonly code: 'percent'; readonly percent: number }
  /** `time`: `HH:MM`, as the timer shows it. */
  | { readonly code: 'extra-start'; readonly program: string; readonly time: string }
  | {
      readonly code: 'extra-program';
      readonly station: number;
      readonly time: string;
      readonly seconds: number;
      /** Of the timer's calendar. */
      readonly dates: readonly DayNumber[];
    }
  | { readonly code: 'sensor-stuck' }
  | { readonly code: 'sensor-ignored' }
  | { readonly code: 'switched-off' }
  | { readonly code: 'station-dead'; readonly station: number }
  | { readonly code: 'valve-stuck'; readonly station: number; readonly isAlways: boolean }
  | {
      readonly code: 'by-hand';
      readonly run: HandRun;
      /** True time. */
      readonly at: TimerSeconds;
      readonly pieces: readonly HandPiece[];
    };

export type FaultOf<Code extends FaultCode> = Extract<Fault, { readonly code: Code }>;
