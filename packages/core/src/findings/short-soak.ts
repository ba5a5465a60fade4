import { formatDateTime } from '../civil-time/index.js';
import type { WaterPiece } from '../engine/index.js';
import { dateAndTime, lengthInWords } from '../words/index.js';
import { rule } from './finding.js';
import { Occurrences } from './occurrences.js';
import { atBegin, stationWords } from './place-words.js';

/** Pieces further apart than this are separate waterings, not a cycle and its soak. */
const APART_SECONDS = 12 * 3600;

/** A station that goes on again before the ground has taken the water. */
export const shortSoak = rule('short-soak', 'warning', (situation) => {
  const soaks = new Map(
    situation.plan.stations.flatMap(({ number, minSoakSeconds }) =>
      minSoakSeconds === undefined ? [] : [[number, minSoakSeconds] as const],
    ),
  );
  if (soaks.size === 0) return [];
  const occurrences = new Occurrences<{ piece: WaterPiece; gapSeconds: number }>();
  const closedAt = new Map<number, number>();
  for (const piece of situation.watering.pieces) {
    const soak = soaks.get(piece.station);
    if (soak === undefined) continue;
    const before = closedAt.get(piece.station);
    closedAt.set(piece.station, Math.max(before ?? -Infinity, piece.to));
    if (before === undefined) continue;
    const gapSeconds = piece.from - before;
    if (gapSeconds < APART_SECONDS && gapSeconds < soak)
      occurrences.add(piece, { piece, gapSeconds });
  }
  return occurrences.told(({ piece, gapSeconds }, program, station) => ({
    message: `${atBegin(stationWords(situation.station(station)))} goes on in program ${program} ${afterWords(gapSeconds)} (first ${dateAndTime(piece.from)}), and its ground needs ${lengthInWords(soaks.get(station)!)} to take the water.`,
    fix: `Leave ${lengthInWords(soaks.get(station)!)} between two times on, by the soak of the station or by later starts.`,
    first: formatDateTime(piece.from),
  }));
});

const afterWords = (gapSeconds: number): string =>
  gapSeconds < 0
    ? 'while it is still on'
    : gapSeconds === 0
      ? 'without any soak'
      : `${lengthInWords(gapSeconds)} after it was on last`;
