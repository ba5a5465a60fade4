import { addSeconds, formatDateTime, type TimerSeconds } from '../civil-time/index.js';
import type { NominalRun } from './nominal-runs.js';
import { inPrintedOrder } from './pieces.js';
import type { Simulation } from './simulate.js';

/** One start of one program, as it is printed. */
export interface RunName {
  readonly program: string;
  readonly startNumber: number;
  /** `YYYY-MM-DDTHH:MM:SS`. */
  readonly nominal: string;
}

export interface SimulationReport {
  readonly pieces: readonly (RunName & {
    readonly station: number;
    readonly piece: number;
    readonly from: string;
    readonly to: string;
  })[];
  readonly collisions: readonly {
    readonly a: RunName;
    readonly b: RunName;
    readonly seconds: number;
  }[];
}

/** A simulation as `simulate` prints it, every time moved back by the clock's error. */
export function simulationReport(
  { pieces, collisions }: Simulation,
  clockErrorSeconds = 0,
): SimulationReport {
  const print = (moment: TimerSeconds) => formatDateTime(addSeconds(moment, -clockErrorSeconds));
  const nameOf = (run: NominalRun): RunName => runName(run, print);
  return {
    pieces: [...pieces].sort(inPrintedOrder).map(({ run, station, piece, from, to }) => ({
      ...nameOf(run),
      station,
      piece,
      from: print(from),
      to: print(to),
    })),
    collisions: collisions.map(({ a, b, seconds }) => ({ a: nameOf(a), b: nameOf(b), seconds })),
  };
}

/** Names a run by its program, its start and its nominal time. */
export const runName = (
  { program, startNumber, nominal }: NominalRun,
  print: (moment: TimerSeconds) => string = formatDateTime,
): RunName => ({ program: program.id, startNumber, nominal: print(nominal) });
