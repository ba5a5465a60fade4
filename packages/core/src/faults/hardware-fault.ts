import type { HardwareCode } from './hardware-code.js';

/** How a timer's stations are wired. */
export type Wiring = 'valve-wires' | 'two-wire';

/** Something broken in a timer, in its wires or in what hangs on them. */
export interface HardwareFault {
  readonly code: string;
  readonly name: string;
  /** Of timers that are wired so. */
  readonly wirings: readonly Wiring[];
  /** Of timers that run on these. */
  readonly powers: readonly ('mains' | 'battery')[];
  /** How it shows in the yard and on the timer. */
  readonly shows: string;
  /** What tells it from its neighbours. */
  readonly tells: string;
  /** What is tried before parts are ordered, in this order. */
  readonly tries: readonly string[];
  readonly mend: string;
  /** What is ordered where nothing of that helps. */
  readonly part: string;
  readonly caution: string;
}

/** A fault of a timer or of what hangs on it, besides its stations. */
export interface PartFault extends HardwareFault {
  readonly code: HardwareCode;
}

export const POWER_OFF = 'Power off before a wire is touched.';
export const MAINS_SIDE =
  'Power off before a wire is touched; the mains side of it is for a licensed electrician.';
export const BOX = `${POWER_OFF} A valve box may hold glass, wasps or a spider.`;

export const ANY_WIRING: readonly Wiring[] = ['valve-wires', 'two-wire'];
export const ANY_POWER = ['mains', 'battery'] as const;
