import { asTimerSeconds, addSeconds, type TimerSeconds } from '../civil-time/index.js';
import type { Plan } from '../settings/index.js';
import { closedTimes, dryTimes, outside, type Span } from './dry-times.js';
import type { BegunRun } from './overlap.js';

/** Water out of one valve: a piece of a run, or what windows, rain and frost leave of it. */
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
  const pieces: WaterPiece[] = [];
  if (runs.length === 0) return pieces;
  const over = spanOf(runs);
  const dry = dryTimes(plan, over);
  const closed = closedTimes(plan, over);
  const isAlwaysWet = dry({ rainSensor: true, freezeSensor: true }).length === 0;
  if (isAlwaysWet && closed.size === 0) return openings(runs);
  const dryOf = new Map(plan.stations.map((station) => [station.number, dry(station)]));
  for (const opening of openings(runs)) {
    const closedThen = closed.get(opening.run.program.id) ?? [];
    for (const wet of outside(opening, dryOf.get(opening.station)!))
      for (const { from, to } of outside(wet, closedThen)) pieces.push({ ...opening, from, to });
  }
  return pieces;
}

/** The pieces of runs as the clock has them, less what was cut off, before windows, rain and frost take anything away. */
export function openings(runs: readonly BegunRun[]): WaterPiece[] {
  const pieces: WaterPiece[] = [];
  for (const run of runs) addOpenings(run, pieces);
  return pieces;
}

/** Adds the pieces of a run at their real times, less what was cut off. */
function addOpenings(run: BegunRun, pieces: WaterPiece[]): void {
  const { begin, end, shape } = run;
  for (const shaped of shape.pieces) {
    const from = addSeconds(begin, shaped.fromSeconds);
    if (from >= end) continue;
    const to = addSeconds(begin, shaped.toSeconds);
    const { station, piece } = shaped;
    pieces.push({ run, station, piece, from, to: to < end ? to : end });
  }
}

function spanOf(runs: readonly BegunRun[]): Span {
  const last = runs.reduce((end, run) => Math.max(end, run.end), -Infinity);
  return { from: runs[0]!.nominal, to: asTimerSeconds(last) };
}

/** The order of a printed list: by begin, program, station, nominal start, start number, piece. */
export const inPrintedOrder = (a: WaterPiece, b: WaterPiece): number =>
  a.from - b.from ||
  a.run.program.order - b.run.program.order ||
  a.station - b.station ||
  a.run.nominal - b.run.nominal ||
  a.run.startNumber - b.run.startNumber ||
  a.piece - b.piece;
