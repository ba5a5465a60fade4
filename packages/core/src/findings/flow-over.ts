import { formatDateTime, type TimerSeconds } from '../civil-time/index.js';
import type { WaterPiece } from '../engine/index.js';
import { dateAndTime, listInWords } from '../words/index.js';
import { rule } from './finding.js';
import { counting } from './occurrences.js';
import type { Situation } from './situation.js';

/** Sums of litres with fractions are equal when they differ by less. */
const SLACK_LPM = 1e-6;

/** More stations open at once than the supply can feed. */
export const flowOver = rule('flow-over', 'error', (situation) => {
  const supplyLpm = situation.plan.site?.supplyLpm;
  if (supplyLpm === undefined) return [];
  const over = tooMuch(situation, supplyLpm);
  const [first] = over;
  if (!first) return [];
  const { stations, flowLpm, moment } = first;
  const who =
    stations.length === 1
      ? `Station ${stations[0]!} takes`
      : `Stations ${listInWords(stations.map(String))} are open together and take`;
  return [
    {
      message: `${who} ${litres(flowLpm)} l/min (first ${dateAndTime(moment)}), and the supply gives ${litres(supplyLpm)} l/min.`,
      fix:
        stations.length === 1
          ? 'Measure the flow again, or split the station: its heads do not get the pressure they need.'
          : 'Let fewer stations run at once: one at a time, and starts that keep clear of each other.',
      first: formatDateTime(moment),
      ...counting(over.length),
    },
  ];
});

interface TooMuch {
  readonly moment: TimerSeconds;
  readonly stations: readonly number[];
  readonly flowLpm: number;
}

/** Each stretch of time in which more flows than the supply gives. */
function tooMuch(situation: Situation, supplyLpm: number): TooMuch[] {
  const flowOf = new Map(situation.plan.stations.map((s) => [s.number, s.flowLpm ?? 0]));
  const flowing = situation.watering.pieces.filter(({ station }) => flowOf.get(station)! > 0);
  const over: TooMuch[] = [];
  let open: WaterPiece[] = [];
  let isOver = false;
  for (const piece of flowing) {
    const before = open;
    open = open.filter(({ to }) => to > piece.from);
    // What closes before this piece opens may end a stretch of too much.
    if (open.length < before.length) isOver = isOver && excess(open, flowOf, supplyLpm) > 0;
    open.push(piece);
    if (isOver || excess(open, flowOf, supplyLpm) <= 0) continue;
    isOver = true;
    const stations = [...new Set(open.map(({ station }) => station))].sort((a, b) => a - b);
    over.push({ moment: piece.from, stations, flowLpm: totalFlow(open, flowOf) });
  }
  return over;
}

function totalFlow(open: readonly WaterPiece[], flowOf: ReadonlyMap<number, number>): number {
  return [...new Set(open.map(({ station }) => station))].reduce(
    (sum, station) => sum + flowOf.get(station)!,
    0,
  );
}

const excess = (
  open: readonly WaterPiece[],
  flowOf: ReadonlyMap<number, number>,
  supplyLpm: number,
): number => totalFlow(open, flowOf) - supplyLpm - SLACK_LPM;

const litres = (lpm: number): string => String(Math.round(lpm * 10) / 10);
