import type { HardwareFault } from '../hardware-fault.js';
import type { ElectricalCode } from './electrical-code.js';

/** What a meter shows at a station's terminal: no circuit, next to none, as it should; null: it is no test there. */
export type TerminalReading = 'open' | 'short' | 'fine' | null;

/** A fault of wires, coils or the timer's own outputs: the timer spends its time, and a station stays shut. */
export interface ElectricalFault extends HardwareFault {
  readonly code: ElectricalCode;
  /** Which stations stay shut, of all in order, where it is at one of them. */
  readonly shuts: (stations: readonly number[], at: number) => readonly number[];
  /** What a meter shows at the terminal of a station that stays shut. */
  readonly reading: TerminalReading;
  /** The timer itself notices, and its lamp says so. */
  readonly isNoticed: boolean;
}

export const alone = (_stations: readonly number[], at: number): readonly number[] => [at];
export const all = (stations: readonly number[]): readonly number[] => stations;

/** A station and all that are wired beyond it. */
export const beyond = (stations: readonly number[], at: number): readonly number[] =>
  stations.filter((station) => station >= at);
