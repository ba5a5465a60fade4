import { dayOf, formatDateTime } from '../civil-time/index.js';
import {
  hoursWithin,
  inPrintedOrder,
  merged,
  openings,
  outside,
  type Span,
  type WaterPiece,
} from '../engine/index.js';
import { clockTime, lengthInWords, longDate } from '../words/index.js';
import { rule } from './finding.js';
import { Occurrences } from './occurrences.js';
import { atBegin, stationWords } from './place-words.js';

interface Cut {
  readonly piece: WaterPiece;
  readonly lostSeconds: number;
  /** The first hours that take something of it. */
  readonly hours: Span;
}

/** Water that the hours without watering take away: the clock runs on while the ground stays dry. */
export const windowCuts = rule('window-cuts', 'warning', (situation) => {
  const { timer, controller } = situation.plan;
  if (!timer.noWaterWindows || controller.noWater.length === 0) return [];
  const pieces = openings(situation.watering.runs).sort(inPrintedOrder);
  const [first] = pieces;
  if (!first) return [];
  const last = pieces.reduce((end, { to }) => (to > end ? to : end), first.to);
  const dry = merged(hoursWithin(controller.noWater, { from: first.from, to: last }));
  const cuts = new Occurrences<Cut>();
  for (const piece of pieces) {
    const lostSeconds =
      secondsOf(piece) - outside(piece, dry).reduce((sum, part) => sum + secondsOf(part), 0);
    if (lostSeconds === 0) continue;
    const hours = dry.find(({ to }) => to > piece.from)!;
    cuts.add(piece, { piece, lostSeconds, hours });
  }
  return cuts.told(({ piece, lostSeconds, hours }, program, station) => ({
    message: `${atBegin(stationWords(situation.station(station)))} in program ${program} ${lossWords(piece, lostSeconds)} on ${longDate(dayOf(piece.from))}: from ${clockTime(hours.from)} to ${clockTime(hours.to)} this timer lets nothing water.`,
    fix: `Start program ${program} so that it is over by ${clockTime(hours.from)}, or begins after ${clockTime(hours.to)}; or change the hours.`,
    first: formatDateTime(piece.from > hours.from ? piece.from : hours.from),
    lostSeconds,
  }));
});

const secondsOf = ({ from, to }: Span): number => to - from;

const lossWords = (piece: WaterPiece, lostSeconds: number): string =>
  lostSeconds === secondsOf(piece)
    ? `is not watered (${lengthInWords(lostSeconds)})`
    : `loses ${lengthInWords(lostSeconds)} of ${lengthInWords(secondsOf(piece))}`;
