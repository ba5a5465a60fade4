import { formatDateTime } from '../civil-time/index.js';
import type { WaterPiece } from '../engine/index.js';
import { dateAndTime, lengthInWords } from '../words/index.js';
import { rule } from './finding.js';
import { Occurrences } from './occurrences.js';
import { atBegin, stationWords } from './place-words.js';

/** A station that is on for longer in one go than its ground takes water. */
export const runoff = rule('runoff', 'warning', (situation) => {
  const { plan } = situation;
  const limits = new Map(
    plan.stations.flatMap(({ number, runoffSeconds }) =>
      runoffSeconds === undefined ? [] : [[number, runoffSeconds] as const],
    ),
  );
  if (limits.size === 0) return [];
  const occurrences = new Occurrences<WaterPiece>();
  for (const piece of situation.watering.pieces) {
    const limit = limits.get(piece.station);
    if (limit !== undefined && piece.to - piece.from > limit) occurrences.add(piece, piece);
  }
  return occurrences.told((piece, program, station) => {
    const limit = lengthInWords(limits.get(station)!);
    const fix = plan.timer.cycleSoak
      ? `Set a cycle of ${limit} with a soak for station ${station}.`
      : `Set ${limit} or less for station ${station}, and let program ${program} start several times.`;
    return {
      message: `${atBegin(stationWords(situation.station(station)))} is on for ${lengthInWords(piece.to - piece.from)} without a break in program ${program} (first ${dateAndTime(piece.from)}), and its water runs off after ${limit}.`,
      fix,
      first: formatDateTime(piece.from),
    };
  });
});
