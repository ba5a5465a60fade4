/** How a timer's stations are wired. */
export type Wiring = 'valve-wires' | 'two-wire';

/** What a meter shows at a station's terminal: no circuit, next to none, as it should; null: it is no test there. */
export type TerminalReading = 'open' | 'short' | 'fine' | null;

/** A fault of wires, coils or the timer's own outputs: the timer spends its time, and a station stays shut. */
export interface ElectricalFault {
  readonly code: ElectricalCode;
  readonly name: string;
  /** Of timers that are wired so. */
  readonly wirings: readonly Wiring[];
  /** Which stations stay shut, of all in order, where it is at one of them. */
  readonly shuts: (stations: readonly number[], at: number) => readonly number[];
  /** What a meter shows at the terminal of a station that stays shut. */
  readonly reading: TerminalReading;
  /** The timer itself notices, and its lamp says so. */
  readonly isNoticed: boolean;
  /** How it shows in the yard and on the timer. */
  readonly shows: string;
  /** What tells it from its neighbours. */
  readonly tells: string;
  readonly mend: string;
  readonly caution: string;
}

export type ElectricalCode =
  | 'wire-open'
  | 'coil-open'
  | 'coil-short'
  | 'splice-wet'
  | 'common-open'
  | 'module-dead'
  | 'transformer-dead'
  | 'unit-silent'
  | 'cable-open'
  | 'cable-short';

export const POWER_OFF = 'Power off before a wire is touched.';
export const MAINS_SIDE =
  'Power off before a wire is touched; the mains side of it is for a licensed electrician.';
export const BOX = `${POWER_OFF} A valve box may hold glass, wasps or a spider.`;

export const alone = (_stations: readonly number[], at: number): readonly number[] => [at];
export const all = (stations: readonly number[]): readonly number[] => stations;

/** A station and all that are wired beyond it. */
export const beyond = (stations: readonly number[], at: number): readonly number[] =>
  stations.filter((station) => station >= at);
