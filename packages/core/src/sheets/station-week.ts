import {
  addDays,
  asTimerSeconds,
  dayOf,
  startOfDay,
  type DayNumber,
  type TimerSeconds,
} from '../civil-time/index.js';
import { clockErrorSeconds, simulate, type BegunRun, type WaterPiece } from '../engine/index.js';
import type { Plan } from '../settings/index.js';

/** Water of one station in one run, in true time: what the household sees. */
export interface StationWatering {
  readonly station: number;
  readonly program: string;
  readonly from: TimerSeconds;
  /** The end of its last piece. */
  readonly to: TimerSeconds;
  /** Of water, the soaks between pieces not counted. */
  readonly seconds: number;
  readonly parts: number;
}

/** What each station waters on so many dates from one, by the clock of the house; in the order of time. */
export function stationWaterings(plan: Plan, from: DayNumber, days: number): StationWatering[] {
  const ahead = clockErrorSeconds(plan.controller);
  // What begins on a date may be of a start on the date before, or be moved here by a clock that is wrong.
  const aside = 1 + Math.ceil(Math.abs(ahead) / DAY_SECONDS);
  const { pieces } = simulate(plan, {
    from: addDays(from, -aside),
    days: days + 2 * aside,
  });
  const [begin, end] = [startOfDay(from), startOfDay(addDays(from, days))];
  return [...byStationAndRun(pieces).values()]
    .map((own) => wateringOf(own, ahead))
    .filter((watering) => watering.from >= begin && watering.from < end)
    .sort((a, b) => a.from - b.from || a.station - b.station);
}

const DAY_SECONDS = 86_400;

function byStationAndRun(pieces: readonly WaterPiece[]): Map<string, WaterPiece[]> {
  const runs = new Map<BegunRun, number>();
  const found = new Map<string, WaterPiece[]>();
  for (const piece of pieces) {
    if (!runs.has(piece.run)) runs.set(piece.run, runs.size);
    const key = `${piece.station} ${runs.get(piece.run)}`;
    const own = found.get(key);
    if (own) own.push(piece);
    else found.set(key, [piece]);
  }
  return found;
}

function wateringOf(pieces: readonly WaterPiece[], aheadSeconds: number): StationWatering {
  const { station, run } = pieces[0]!;
  const inTrueTime = (moment: number) => asTimerSeconds(moment - aheadSeconds);
  return {
    station,
    program: run.program.id,
    from: inTrueTime(Math.min(...pieces.map(({ from }) => from))),
    to: inTrueTime(Math.max(...pieces.map(({ to }) => to))),
    seconds: pieces.reduce((sum, { from, to }) => sum + to - from, 0),
    parts: new Set(pieces.map(({ piece }) => piece)).size,
  };
}

/** How far it is looked for: the longest interval that timers have, twice. */
const LOOKED_FOR_DAYS = 62;

/** The first water from a moment on, in true time; null where there is none for two months. */
export function nextWatering(plan: Plan, from: TimerSeconds): StationWatering | null {
  const day = dayOf(from);
  for (const days of [4, LOOKED_FOR_DAYS]) {
    const next = stationWaterings(plan, day, days).find((watering) => watering.from >= from);
    if (next) return next;
  }
  return null;
}
