import { formatDateTime, secondOfDay, type TimerSeconds } from '../civil-time/index.js';
import type { WaterPiece } from '../engine/index.js';
import { clockTime, dateAndTime } from '../words/index.js';
import { rule } from './finding.js';
import { counting } from './occurrences.js';
import { stationWords } from './place-words.js';
import { lastEnds } from './run-ends.js';

const EVENING_SECOND = 18 * 3600;
const NIGHT_SECOND = 2 * 3600;

/** Turf that is watered last, in the evening, and stays wet until the sun is up. */
export const wetNight = rule('wet-night', 'info', (situation) => {
  const wet = new Map<string, { piece: WaterPiece; count: number }>();
  for (const { run, end, last } of lastEnds(situation.watering.pieces, () => true)) {
    const onTurf = last.find(({ station }) => situation.station(station).plant === 'turf');
    if (!onTurf || !staysWet(end)) continue;
    const known = wet.get(run.program.id);
    if (known) known.count += 1;
    else wet.set(run.program.id, { piece: onTurf, count: 1 });
  }
  return [...wet].map(([program, { piece, count }]) => ({
    program,
    startNumber: piece.run.startNumber,
    message: `Program ${program} ends on turf, ${stationWords(situation.station(piece.station))}, at ${clockTime(piece.to)} (first ${dateAndTime(piece.run.nominal)}): it stays wet all night, which invites disease.`,
    fix: `Let program ${program} end shortly before sunrise, if the hours allow it.`,
    first: formatDateTime(piece.run.nominal),
    ...counting(count),
  }));
});

function staysWet(end: TimerSeconds): boolean {
  const second = secondOfDay(end);
  return second >= EVENING_SECOND || second < NIGHT_SECOND;
}
