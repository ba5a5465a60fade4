import { keysOf } from '../kernel/index.js';
import type { DayNumber, TimerSeconds } from '../civil-time/index.js';

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

type Nothing = unknown;

/** What can be wrong with a timer, or was done at it, that shows in what waters; likelier ones first. */
interface Faults {
  'as-set': Nothing;
  /** By how much the clock is ahead of true time; it takes the place of what the copy says. */
  clock: { readonly offSeconds: number };
  percent: { readonly percent: number };
  /** `time`: `HH:MM`, as the timer shows it. */
  'extra-start': { readonly program: string; readonly time: string };
  'extra-program': {
    readonly station: number;
    readonly time: string;
    readonly seconds: number;
    /** Of the timer's calendar. */
    readonly dates: readonly DayNumber[];
  };
  'sensor-stuck': Nothing;
  'sensor-ignored': Nothing;
  'switched-off': Nothing;
  'station-dead': { readonly station: number };
  'valve-stuck': { readonly station: number; readonly isAlways: boolean };
  'by-hand': {
    readonly run: HandRun;
    /** True time. */
    readonly at: TimerSeconds;
    readonly pieces: readonly HandPiece[];
  };
}

export type FaultCode = keyof Faults;

const CODES: Readonly<Record<FaultCode, true>> = {
  'as-set': true,
  clock: true,
  percent: true,
  'extra-start': true,
  'extra-program': true,
  'sensor-stuck': true,
  'sensor-ignored': true,
  'switched-off': true,
  'station-dead': true,
  'valve-stuck': true,
  'by-hand': true,
};

/** Likelier ones first. */
export const FAULT_CODES: readonly FaultCode[] = keysOf(CODES);
export type FaultOf<Code extends FaultCode> = {
  [One in Code]: { readonly code: One } & Faults[One];
}[Code];
export type Fault = FaultOf<FaultCode>;
