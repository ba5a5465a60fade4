import { addDays, dayOf, type DayNumber, type TimerSeconds } from '../civil-time/index.js';
import type { Plan } from '../settings/index.js';
import { nextWatering, stationWaterings, type StationWatering } from './station-week.js';

/** Why a station gets no water: the first reason that is enough. */
export type DryReason = 'timer-off' | 'station-off' | 'in-no-program' | 'not-in-time';

export interface TimerWeekAsked {
  /** What is in the timer. */
  readonly plan: Plan;
  readonly from: DayNumber;
  /** At the home, in true time. */
  readonly now: TimerSeconds;
  /** The number of a station that somebody asks about; null: of none. */
  readonly station: number | null;
  /** When the last hold ends; null: there is none. */
  readonly heldUntil: TimerSeconds | null;
}

export interface TimerWeek {
  /** Of seven dates. */
  readonly waterings: readonly StationWatering[];
  /** The next of the station that is asked about, one that goes on included. */
  readonly next: readonly StationWatering[];
  /** Why it has none; null where it has, or nobody asks. */
  readonly dry: DryReason | null;
  /** The first water after the hold; null: none for two months, or there is no hold. */
  readonly again: StationWatering | null;
}

const WEEK = 7;
const LOOKED_FOR_DAYS = 14;
const TOLD = 3;

/** A timer's week as somebody tells it who is asked on the telephone. @throws TooMuchToWorkOut */
export function timerWeek({ plan, from, now, station, heldUntil }: TimerWeekAsked): TimerWeek {
  const next =
    station === null
      ? []
      : // From the day before: what goes on may have begun then.
        stationWaterings(plan, addDays(dayOf(now), -1), LOOKED_FOR_DAYS + 1)
          .filter((watering) => watering.station === station && watering.to > now)
          .slice(0, TOLD);
  return {
    waterings: stationWaterings(plan, from, WEEK),
    next,
    dry: station === null || next.length > 0 ? null : whyDry(plan, station),
    again: heldUntil === null ? null : nextWatering(plan, heldUntil),
  };
}

function whyDry({ controller, stations, programs }: Plan, asked: number): DryReason {
  if (controller.off) return 'timer-off';
  if (stations.some(({ number, enabled }) => number === asked && !enabled)) return 'station-off';
  const isInProgram = programs.some(({ runs }) =>
    runs.some(({ station, seconds }) => station === asked && seconds > 0),
  );
  return isInProgram ? 'not-in-time' : 'in-no-program';
}
