import { addDays, parseDate, type DayNumber } from '../civil-time/index.js';
import { factsOf, percentGrid, type DayFacts } from '../engine/index.js';
import type { Brief, BriefStation } from './brief.js';
import { HALF_DAY, LOOK_DAYS, nightEnd, nightTime, type NightSeconds } from './night.js';
import { NOTHING_STANDS, type Standing } from './standing.js';

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
  readonly standing: Standing;
  /** Labels that are free for new programs, in the timer's order. */
  readonly labels: readonly string[];
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

export function situationOf(brief: Brief, standing: Standing = NOTHING_STANDS): Situation {
  const { timer, controller, rules } = brief;
  const from = parseDate(brief.from)!;
  const headroom = headroomOf(brief);
  const calendar = Array.from({ length: LOOK_DAYS + 1 }, (_, index) =>
    factsOf(addDays(from, index)),
  );
  const taken = new Set(standing.kept?.programs.map(({ id }) => id));
  return {
    brief,
    from,
    headroom,
    calendar,
    standing,
    labels: timer.programs.filter((label) => !taken.has(label)),
    jobs: brief.stations
      .filter(({ enabled }) => enabled)
      .map((station, index) => ({
        index,
        station,
        isExempt: station.head !== undefined && rules.exempt.includes(station.head),
        rhythm: rhythmOf(station),
        mayBeDaily: mayBeDaily(station),
      })),
    night: {
      from: rules.earliestStart === undefined ? -HALF_DAY : nightTime(rules.earliestStart),
      to: rules.finishBy === undefined ? HALF_DAY : nightEnd(rules.finishBy),
    },
    startStep: timer.startStepMinutes * 60,
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
function headroomOf({ timer, rules, controller }: Brief): number {
  if (timer.season === null) return 100;
  const grid = percentGrid(timer.season);
  // What the weather may ask for is to be clear too.
  const mayCome = controller.season.mode === 'weather' ? controller.season.mostPercent : 0;
  const wanted = Math.max(rules.headroomPercent, mayCome);
  return grid.find((percent) => percent >= wanted) ?? grid.at(-1) ?? 100;
}
