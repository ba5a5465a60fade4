import { addSeconds, type TimerSeconds } from '../civil-time/index.js';
import type { Plan } from '../settings/index.js';
import { dryTimes, outside, type Span } from './dry-times.js';
import type { BegunRun } from './overlap.js';

/** Water out of one valve: a piece of a run, or what windows and rain leave of it. */
export interface WaterPiece {
  readonly run: BegunRun;
  readonly station: number;
  /** Counts the pieces of this station in this run, from 1; parts of one piece share it. */
  readonly piece: number;
  readonly from: TimerSeconds;
  readonly to: TimerSeconds;
}

/** All water that really flows, run by run, each run's pieces in the order in which they begin. */
export function waterPieces(plan: Plan, runs: readonly BegunRun[]): WaterPiece[] {
  if (runs.length === 0) return [];
  const { always, withRain } = dryTimes(plan, spanOf(runs));
  if (withRain.length === 0) return runs.flatMap((run) => openings(run));
  const heedsRain = new Map(plan.stations.map((station) => [station.number, station.rainSensor]));
  return runs.flatMap((run) =>
    openings(run).flatMap((opening) =>
      outside(opening, heedsRain.get(opening.station) ? withRain : always).map(({ from, to }) => ({
        ...opening,
        from,
        to,
      })),
    ),
  );
}

/** The pieces of a run at their real times, less what was cut off. */
function openings(run: BegunRun): WaterPiece[] {
  const pieces: WaterPiece[] = [];
  for (const { station, piece, fromSeconds, toSeconds } of run.shape.pieces) {
    const from = addSeconds(run.begin, fromSeconds);
    if (from >= run.end) continue;
    const to = Math.min(addSeconds(run.begin, toSeconds), run.end) as TimerSeconds;
    pieces.push({ run, station, piece, from, to });
  }
  return pieces;
}

function spanOf(runs: readonly BegunRun[]): Span {
  const last = runs.reduce((end, run) => Math.max(end, run.end), -Infinity);
  return { from: runs[0]!.nominal, to: last as TimerSeconds };
}

/** The order of a printed list: by begin, program, station, nominal start, start number, piece. */
export const inPrintedOrder = (a: WaterPiece, b: WaterPiece): number =>
  a.from - b.from ||
  a.run.program.order - b.run.program.order ||
  a.station - b.station ||
  a.run.nominal - b.run.nominal ||
  a.run.startNumber - b.run.startNumber ||
  a.piece - b.piece;
