import {
  addDays,
  addSeconds,
  asTimerSeconds,
  SECONDS_PER_DAY,
  startOfDay,
  type DayNumber,
  type TimerSeconds,
} from '../../civil-time/index.js';
import type { Plan } from '../../settings/index.js';
import { flowSteps, piecesOf, type FlowStep } from './flows.js';
import { timersOnSupply } from './timer-on-supply.js';

/** Water of one station of one of several timers, in true time. */
export interface HomePiece {
  /** The timer's place, from 0. */
  readonly timer: number;
  readonly program: string;
  /** Place among the timer's programs, from 0. */
  readonly programOrder: number;
  readonly station: number;
  readonly from: TimerSeconds;
  readonly to: TimerSeconds;
}

/** What all timers of a home water in one night, true noon to true noon. */
export interface NightOfHome {
  readonly from: TimerSeconds;
  readonly to: TimerSeconds;
  readonly pieces: readonly HomePiece[];
  /** Each change of what they take together; the first stands at the beginning. */
  readonly flow: readonly FlowStep[];
}

/** Two dates hold a night. */
const DATES = 2;

/**
 * The night that begins at noon of a true date: pieces as they really run, each timer by itself.
 * @throws TooMuchToWorkOut
 */
export function nightOfHome(plans: readonly Plan[], day: DayNumber): NightOfHome {
  const timers = timersOnSupply(plans);
  const range = { from: day, days: DATES };
  const from = addSeconds(startOfDay(day), SECONDS_PER_DAY / 2);
  const to = addSeconds(startOfDay(addDays(day, 1)), SECONDS_PER_DAY / 2);
  const pieces = timers.flatMap((timer) =>
    piecesOf(timer, range).map((piece): HomePiece => ({
      timer: timer.place,
      program: piece.run.program.id,
      programOrder: piece.run.program.order,
      station: piece.station,
      from: asTimerSeconds(piece.from - timer.aheadSeconds),
      to: asTimerSeconds(piece.to - timer.aheadSeconds),
    })),
  );
  const steps = flowSteps(timers, range);
  const before = steps.findLast(({ at }) => at <= from)?.lpm ?? 0;
  return {
    from,
    to,
    pieces: pieces.filter((piece) => piece.to > from && piece.from < to),
    flow: [{ at: from, lpm: before }, ...steps.filter(({ at }) => at > from && at < to)],
  };
}
