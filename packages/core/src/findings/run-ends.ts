import type { TimerSeconds } from '../civil-time/index.js';
import type { BegunRun, WaterPiece } from '../engine/index.js';

export interface RunEnd {
  readonly run: BegunRun;
  /** When the last of the pieces looked at ends. */
  readonly end: TimerSeconds;
  /** Those of them that end then. */
  readonly last: readonly WaterPiece[];
}

/** When each run's water ends, by begin of its first piece, looking only at some of its pieces. */
export function lastEnds(
  pieces: readonly WaterPiece[],
  isLookedAt: (piece: WaterPiece) => boolean,
): Iterable<RunEnd> {
  const ends = new Map<BegunRun, { run: BegunRun; end: TimerSeconds; last: WaterPiece[] }>();
  for (const piece of pieces) {
    if (!isLookedAt(piece)) continue;
    const known = ends.get(piece.run);
    if (!known) ends.set(piece.run, { run: piece.run, end: piece.to, last: [piece] });
    else if (piece.to > known.end) {
      known.end = piece.to;
      known.last = [piece];
    } else if (piece.to === known.end) known.last.push(piece);
  }
  return ends.values();
}
