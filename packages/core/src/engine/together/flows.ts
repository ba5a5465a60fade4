import {
  addDays,
  asTimerSeconds,
  dayOf,
  startOfDay,
  type TimerSeconds,
} from '../../civil-time/index.js';
import type { DateRange } from '../nominal-runs.js';
import { simulateCompiled } from '../simulate.js';
import { ownTimeAt, type TimerOnSupply } from './timer-on-supply.js';

/** A valve of one of several timers that opens or closes, in true time. */
interface Turn {
  readonly at: number;
  readonly timer: TimerOnSupply;
  readonly station: number;
  readonly opens: boolean;
}

/** What all timers together take, from a moment on until the next. */
export interface FlowTogether {
  readonly at: TimerSeconds;
  readonly lpm: number;
  /** The stations that are open, each with the place of its timer. */
  readonly open: readonly { readonly timer: number; readonly station: number }[];
}

/** What runs began on that many dates before may still reach in. */
const DATES_BEFORE = 2;

/**
 * What the valves of all timers take together over so many true dates, change by change: pieces as they really run, each
 * timer by itself. A station without a flow counts 0, one that is open twice once.
 */
export function* flowsTogether(
  timers: readonly TimerOnSupply[],
  { from, days }: DateRange,
): Generator<FlowTogether> {
  const [begin, end] = [startOfDay(from), startOfDay(addDays(from, days))];
  const turns = timers.flatMap((timer) => turnsOf(timer, { from, days }));
  turns.sort((x, y) => x.at - y.at);
  const flows = timers.map(
    ({ compiled }) =>
      new Map(compiled.plan.stations.map(({ number, flowLpm }) => [number, flowLpm ?? 0])),
  );
  const open = timers.map(() => new Map<number, number>());
  for (let index = 0; index < turns.length;) {
    const at = Math.max(begin, turns[index]!.at);
    if (at >= end) return;
    for (; index < turns.length && turns[index]!.at <= at; index++) {
      const { timer, station, opens } = turns[index]!;
      const ofTimer = open[timer.place]!;
      const count = (ofTimer.get(station) ?? 0) + (opens ? 1 : -1);
      if (count === 0) ofTimer.delete(station);
      else ofTimer.set(station, count);
    }
    const stations = open.flatMap((ofTimer, timer) =>
      [...ofTimer.keys()].map((station) => ({ timer, station })),
    );
    const lpm = stations.reduce((sum, { timer, station }) => sum + flows[timer]!.get(station)!, 0);
    yield { at: asTimerSeconds(at), lpm, open: stations };
  }
}

function turnsOf(timer: TimerOnSupply, { from, days }: DateRange): Turn[] {
  const { compiled, aheadSeconds } = timer;
  const first = addDays(dayOf(asTimerSeconds(ownTimeAt(from, timer))), -DATES_BEFORE);
  const last = dayOf(asTimerSeconds(ownTimeAt(addDays(from, days), timer) - 1));
  const { pieces } = simulateCompiled(compiled, { from: first, days: last - first + 1 });
  return pieces.flatMap(({ station, from: opens, to }): Turn[] => [
    { at: opens - aheadSeconds, timer, station, opens: true },
    { at: to - aheadSeconds, timer, station, opens: false },
  ]);
}
