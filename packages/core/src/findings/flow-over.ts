import { formatDateTime, type TimerSeconds } from '../civil-time/index.js';
import { takesMore, type WaterPiece } from '../engine/index.js';
import { dateAndTime, listInWords } from '../words/index.js';
import { rule } from './finding.js';
import { counting } from './occurrences.js';
import type { Situation } from './situation.js';

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
      message: `${who} ${litres(flowLpm)} L/min (first ${dateAndTime(moment)}), and the supply gives ${litres(supplyLpm)} L/min.`,
      fix:
        stations.length === 1
          ? 'Measure the flow again, or split the station: its heads do not get the pressure they need.'
          : 'Open one station at a time, and move the starts apart.',
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
  const over: TooMuch[] = [];
  let open: WaterPiece[] = [];
  let isOver = false;
  for (const piece of situation.watering.pieces) {
    const still = open.filter(({ to }) => to > piece.from);
    // What closes before this piece opens may end a stretch of too much.
    if (isOver && still.length < open.length)
      isOver = takesMore(totalFlow(still, flowOf), supplyLpm);
    open = still;
    open.push(piece);
    if (isOver) continue;
    const flowLpm = totalFlow(open, flowOf);
    if (!takesMore(flowLpm, supplyLpm)) continue;
    isOver = true;
    over.push({ moment: piece.from, stations: stationsOf(open), flowLpm });
  }
  return over;
}

const stationsOf = (open: readonly WaterPiece[]): number[] =>
  [...new Set(open.map(({ station }) => station))].sort((a, b) => a - b);

/** A station that is open twice counts once. */
function totalFlow(open: readonly WaterPiece[], flowOf: ReadonlyMap<number, number>): number {
  if (open.length === 1) return flowOf.get(open[0]!.station)!;
  return stationsOf(open).reduce((sum, station) => sum + flowOf.get(station)!, 0);
}

const litres = (lpm: number): string => String(Math.round(lpm * 10) / 10);
