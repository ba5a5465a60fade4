import { dayOf, formatDateTime } from '../civil-time/index.js';
import {
  closedTimes,
  hoursWithin,
  inPrintedOrder,
  merged,
  openings,
  outside,
  type Span,
  type WaterPiece,
} from '../engine/index.js';
import type { ProgramSettings } from '../settings/index.js';
import { clockTime, hoursInWords, lengthInWords, listInWords, longDate } from '../words/index.js';
import { rule, type FindingFacts } from './finding.js';
import { Occurrences } from './occurrences.js';
import { atBegin, stationWords } from './place-words.js';
import type { Situation } from './situation.js';

interface Cut {
  readonly piece: WaterPiece;
  readonly lostSeconds: number;
  /** The first time in which something of it is lost. */
  readonly dry: Span;
  /** That time lies outside the program's own hours; otherwise in hours in which the timer lets nothing water. */
  readonly isOwn: boolean;
}

/** Water that hours take away, the timer's or the program's own: the clock runs on while the ground stays dry. */
export const windowCuts = rule('window-cuts', 'warning', (situation) => {
  const { timer, controller, programs } = situation.plan;
  const hasHours = timer.noWaterWindows && controller.noWater.length > 0;
  const hasOwn = timer.programWindows && programs.some(({ waterWindows }) => waterWindows.length);
  if (!hasHours && !hasOwn) return [];
  const pieces = openings(situation.watering.runs).sort(inPrintedOrder);
  const [first] = pieces;
  if (!first) return [];
  const over = {
    from: first.from,
    to: pieces.reduce((end, { to }) => (to > end ? to : end), first.to),
  };
  const forbidden = hasHours ? merged(hoursWithin(controller.noWater, over)) : [];
  const closed = closedTimes(situation.plan, over);
  const cuts = new Occurrences<Cut>();
  for (const piece of pieces) {
    const closedThen = closed.get(piece.run.program.id) ?? [];
    const left = outside(piece, forbidden).flatMap((part) => outside(part, closedThen));
    const lostSeconds = secondsOf(piece) - left.reduce((sum, part) => sum + secondsOf(part), 0);
    if (lostSeconds === 0) continue;
    const [byTimer, byProgram] = [firstAfter(forbidden, piece), firstAfter(closedThen, piece)];
    const isOwn = !byTimer || (byProgram !== undefined && byProgram.from < byTimer.from);
    cuts.add(piece, { piece, lostSeconds, dry: (isOwn ? byProgram : byTimer)!, isOwn });
  }
  return cuts.told((cut, program, station) => told(situation, cut, program, station));
});

/** The first span that takes something of a piece. */
const firstAfter = (dry: readonly Span[], piece: Span): Span | undefined =>
  dry.find(({ from, to }) => to > piece.from && from < piece.to);

function told(situation: Situation, cut: Cut, program: string, station: number): FindingFacts {
  const { piece, lostSeconds, dry, isOwn } = cut;
  const own = situation.plan.programs.find(({ id }) => id === program)!;
  const [why, fix] = isOwn ? ownWords(own) : timerWords(program, dry);
  return {
    message: `${atBegin(stationWords(situation.station(station)))} in program ${program} ${lossWords(piece, lostSeconds)} on ${longDate(dayOf(piece.from))}: ${why}.`,
    fix,
    first: formatDateTime(piece.from > dry.from ? piece.from : dry.from),
    lostSeconds,
  };
}

const timerWords = (program: string, { from, to }: Span): [string, string] => [
  `from ${clockTime(from)} to ${clockTime(to)} this timer lets nothing water`,
  `Start program ${program} so that it finishes by ${clockTime(from)}, or begins after ${clockTime(to)}; or change the hours.`,
];

const ownWords = ({ id, waterWindows }: ProgramSettings): [string, string] => [
  `program ${id} lets water through only from ${listInWords(waterWindows.map(hoursInWords))}`,
  `Start program ${id} so that it is within its hours, or make its hours longer.`,
];

const secondsOf = ({ from, to }: Span): number => to - from;

const lossWords = (piece: WaterPiece, lostSeconds: number): string =>
  lostSeconds === secondsOf(piece)
    ? `is not watered (${lengthInWords(lostSeconds)})`
    : `loses ${lengthInWords(lostSeconds)} of ${lengthInWords(secondsOf(piece))}`;
