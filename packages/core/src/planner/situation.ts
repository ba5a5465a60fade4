import {
  addDays,
  formatTimeOfDay,
  parseDate,
  parseTimeOfDay,
  type DayNumber,
  type MinuteOfDay,
} from '../civil-time/index.js';
import { factsOf, percentGrid, type DayFacts } from '../engine/index.js';
import type { Brief, BriefStation } from './brief.js';

/** Seconds from the midnight in the middle of a night: the evening is below 0. */
export type NightSeconds = number;

/** The dates over which a need is judged, and over which findings look. */
export const NEED_DAYS = 56;
export const LOOK_DAYS = 60;

export const HALF_DAY = 43_200;
export const DAY = 86_400;

/** What the whole search looks at, worked out once. */
export interface Situation {
  readonly brief: Brief;
  readonly from: DayNumber;
  readonly jobs: readonly Job[];
  /** The percentage up to which everything must hold. */
  readonly headroom: number;
  /** From when to when a night may be watered. */
  readonly night: { readonly from: NightSeconds; readonly to: NightSeconds };
  readonly startStep: number;
  /** Waits that a run may be pushed by where another has just ended. */
  readonly queueDelay: number;
  /** The dates that are looked at, from the brief's on, and one more. */
  readonly calendar: readonly DayFacts[];
}

/** A station that is to be given a program. */
export interface Job {
  /** Place among the brief's stations, from 0. */
  readonly index: number;
  readonly station: BriefStation;
  /** Days, parity and hours spare its head; it may run by day. */
  readonly isExempt: boolean;
  /** The same for stations to which the same dates suit. */
  readonly rhythm: string;
  /** New seed and vegetables may be watered on every day of a week. */
  readonly mayBeDaily: boolean;
}

export function situationOf(brief: Brief): Situation {
  const { timer, controller, rules } = brief;
  const from = parseDate(brief.from)!;
  return {
    brief,
    from,
    jobs: brief.stations
      .filter(({ enabled }) => enabled)
      .map((station, index) => ({
        index,
        station,
        isExempt: station.head !== undefined && rules.exempt.includes(station.head),
        rhythm: rhythmOf(station),
        mayBeDaily: mayBeDaily(station),
      })),
    headroom: headroomOf(brief),
    night: {
      from: rules.earliestStart === undefined ? -HALF_DAY : nightTime(rules.earliestStart),
      to: rules.finishBy === undefined ? HALF_DAY : nightEnd(rules.finishBy),
    },
    startStep: timer.startStepMinutes * 60,
    calendar: Array.from({ length: LOOK_DAYS + 1 }, (_, index) => factsOf(addDays(from, index))),
    queueDelay: timer.overlap === 'queue' ? controller.stationDelaySeconds : 0,
  };
}

const mayBeDaily = ({ plant }: BriefStation): boolean => plant === 'seed' || plant === 'vegetables';

function rhythmOf(station: BriefStation): string {
  const { need } = station;
  const dates = 'everyDays' in need ? need.everyDays : need.daysPerWeek;
  return JSON.stringify([dates, mayBeDaily(station)]);
}

/** The smallest percentage of the timer not below the one asked for; its largest where it has none. */
function headroomOf({ timer, rules }: Brief): number {
  if (timer.season === null) return 100;
  const grid = percentGrid(timer.season);
  return grid.find((percent) => percent >= rules.headroomPercent) ?? grid.at(-1) ?? 100;
}

/** A time of day within its night, which begins at noon. */
export function nightTime(text: string): NightSeconds {
  const second = secondOf(text);
  return second >= HALF_DAY ? second - DAY : second;
}

/** A time of day, in seconds from its midnight. */
export const secondOf = (text: string): number => parseTimeOfDay(text)! * 60;

/** A moment of the night as its time of day. */
export const timeOfDay = (night: NightSeconds): string =>
  formatTimeOfDay(((((night % DAY) + DAY) % DAY) / 60) as MinuteOfDay);

/** Noon as an end is the end of the night. */
function nightEnd(text: string): NightSeconds {
  const time = nightTime(text);
  return time === -HALF_DAY ? HALF_DAY : time;
}
