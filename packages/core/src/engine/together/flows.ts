import {
  addDays,
  asTimerSeconds,
  dayOf,
  startOfDay,
  type TimerSeconds,
} from '../../civil-time/index.js';
import type { DateRange } from '../nominal-runs.js';
import type { WaterPiece } from '../pieces.js';
import { waterOf } from '../simulate.js';
import { takesMore } from '../takes-more.js';
import { ownTimeAt, type TimerOnSupply } from './timer-on-supply.js';

/** What all timers together take, from a moment on until the next change. */
export interface FlowTogether {
  readonly at: TimerSeconds;
  readonly lpm: number;
  /** The stations that are open, each with the place of its timer. */
  readonly open: readonly { readonly timer: number; readonly station: number }[];
}

/** A station of one of the timers; without a flow it counts 0. */
interface Valve {
  readonly timer: number;
  readonly station: number;
  readonly lpm: number;
}

/** What runs began on that many dates before may still reach in. */
const DATES_BEFORE = 2;

/**
 * The first moment of so many true dates at which the valves of all timers together take more than `supplyLpm`: pieces as
 * they really run, each timer by itself, and a station that is open twice counted once.
 */
export function firstFlowAbove(
  timers: readonly TimerOnSupply[],
  supplyLpm: number,
  range: DateRange,
): FlowTogether | null {
  if (timers.reduce((litres, timer) => litres + mostLpm(timer), 0) <= supplyLpm) return null;
  // What is too much is so within days, where it is so at all: what comes later changes nothing of what came before.
  const soon = { ...range, days: Math.min(range.days, SOON_DAYS) };
  return (
    firstAboveIn(timers, supplyLpm, soon) ??
    (soon.days < range.days ? firstAboveIn(timers, supplyLpm, range) : null)
  );
}

const SOON_DAYS = 8;

/** The most that a timer could ever take: of the stations that may be open at once those that take most. */
function mostLpm({ compiled: { plan } }: TimerOnSupply): number {
  const { timer, stations, programs } = plan;
  const open =
    timer.overlap === 'concurrent'
      ? stations.length
      : Math.min(
          timer.maxConcurrentStations,
          Math.max(0, ...programs.map(({ concurrent }) => concurrent)),
        );
  return stations
    .map(({ flowLpm = 0 }) => flowLpm)
    .sort((a, b) => b - a)
    .slice(0, open)
    .reduce((litres, lpm) => litres + lpm, 0);
}

function firstAboveIn(
  timers: readonly TimerOnSupply[],
  supplyLpm: number,
  range: DateRange,
): FlowTogether | null {
  let found: FlowTogether | null = null;
  eachFlow(timers, range, (at, sum, open) => {
    if (sum <= supplyLpm) return true;
    const valves = open();
    const lpm = valves.reduce((litres, valve) => litres + valve.lpm, 0);
    if (takesMore(lpm, supplyLpm)) found = { at: asTimerSeconds(at), lpm, open: valves };
    return found === null;
  });
  return found;
}

/** What all valves take from a moment on, until the next; a station without a flow counts 0. */
export interface FlowStep {
  readonly at: TimerSeconds;
  readonly lpm: number;
}

/** Every change of what the valves of all timers take together, over so many true dates. */
export function flowSteps(timers: readonly TimerOnSupply[], range: DateRange): FlowStep[] {
  const steps: FlowStep[] = [];
  eachFlow(timers, range, (at, _sum, open) => {
    const lpm = open().reduce((litres, valve) => litres + valve.lpm, 0);
    if (lpm !== (steps.at(-1)?.lpm ?? 0)) steps.push({ at: asTimerSeconds(at), lpm });
    return true;
  });
  return steps;
}

/**
 * Takes each moment at which a valve opens or closes, with the litres a minute then and a look at which are open; ends
 * with the dates, or where it gives false.
 */
function eachFlow(
  timers: readonly TimerOnSupply[],
  range: DateRange,
  take: (at: number, sum: number, open: () => readonly Valve[]) => boolean,
): void {
  const [begin, end] = [startOfDay(range.from), startOfDay(addDays(range.from, range.days))];
  const valves = timers.flatMap(valvesOf);
  const turns = turnsInOrder(timers, valves, range);
  const openings = new Int32Array(valves.length);
  const open = () => valves.filter((_, valve) => openings[valve]! > 0);
  // Kept from change to change; what fractions leave behind in it never comes near the slack.
  let sum = 0;
  for (let index = 0; index < turns.length;) {
    const at = Math.max(begin, momentOf(turns[index]!, valves));
    if (at >= end) return;
    for (; index < turns.length && momentOf(turns[index]!, valves) <= at; index++) {
      const turn = turns[index]! % (2 * valves.length);
      const [valve, opens] = [turn >> 1, (turn & 1) === 1];
      const before = openings[valve]!;
      openings[valve] = before + (opens ? 1 : -1);
      if (before === (opens ? 0 : 1)) sum += (opens ? 1 : -1) * valves[valve]!.lpm;
    }
    if (!take(at, sum, open)) return;
  }
}

const valvesOf = ({ place, compiled: { plan } }: TimerOnSupply): Valve[] =>
  plan.stations.map(({ number, flowLpm = 0 }) => ({ timer: place, station: number, lpm: flowLpm }));

/**
 * Every valve that opens or closes, in true time, as one number each: sorting them is most of the work. The moment is its
 * upper part, the valve and whether it opens its lower one.
 */
function turnsInOrder(
  timers: readonly TimerOnSupply[],
  valves: readonly Valve[],
  range: DateRange,
): Float64Array {
  const pieces = timers.map((timer) => piecesOf(timer, range));
  const turns = new Float64Array(2 * pieces.reduce((count, { length }) => count + length, 0));
  let count = 0;
  timers.forEach(({ place, aheadSeconds }, index) => {
    const valveOf = new Map(
      valves.flatMap(({ timer, station }, valve) => (timer === place ? [[station, valve]] : [])),
    );
    for (const { station, from, to } of pieces[index]!) {
      const valve = 2 * valveOf.get(station)!;
      turns[count++] = (from - aheadSeconds) * 2 * valves.length + valve + 1;
      turns[count++] = (to - aheadSeconds) * 2 * valves.length + valve;
    }
  });
  return turns.sort();
}

const momentOf = (turn: number, { length }: readonly Valve[]): number =>
  Math.floor(turn / (2 * length));

/** The water of a timer, in its own time, that may flow on so many true dates. */
export function piecesOf(timer: TimerOnSupply, { from, days }: DateRange): readonly WaterPiece[] {
  const first = addDays(dayOf(asTimerSeconds(ownTimeAt(from, timer))), -DATES_BEFORE);
  const last = dayOf(asTimerSeconds(ownTimeAt(addDays(from, days), timer) - 1));
  return waterOf(timer.compiled, { from: first, days: last - first + 1 }).pieces;
}
