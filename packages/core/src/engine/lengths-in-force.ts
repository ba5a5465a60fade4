import { parseDateTime, parseTimeOfDay, secondOfDay, type DayNumber } from '../civil-time/index.js';
import type { Plan, ProgramSettings } from '../settings/index.js';
import { longestRun, MONTHS } from './all-dates/first-collision.js';
import { compiledAlone } from './compiled-plan.js';
import { factsOf } from './day-predicate.js';
import { percentsIn, scaledSeconds } from './season-percent.js';

/** A start with when its run, alone, is over. */
export interface StartInForce {
  readonly startNumber: number;
  /** Seconds of the day. */
  readonly atSecond: number;
  /** Seconds from the midnight before the start; beyond 86,400 on the next day. */
  readonly endSecond: number;
  /** The same at the percentage at which the run takes longest. */
  readonly latestEndSecond: number;
}

/** What the percentage of a date makes of a program, as the timer's display shows it. */
export interface LengthsInForce {
  readonly program: string;
  readonly percent: number;
  /** The highest percentage that may be in force on any date. */
  readonly mostPercent: number;
  /** The run time of each station of it; 0: it is off. */
  readonly stations: readonly { readonly number: number; readonly seconds: number }[];
  /** From the start to the end of the last station, waits and soaks included. */
  readonly lengthSeconds: number;
  readonly longestSeconds: number;
  readonly starts: readonly StartInForce[];
}

/** What the percentages in force on a date make of the run times, and of each start, of every program that has some. */
export const lengthsInForce = (plan: Plan, day: DayNumber): LengthsInForce[] =>
  plan.programs
    .filter(({ runs }) => runs.length > 0)
    .map((settings) => {
      const program = compiledAlone(plan, settings);
      const percent = program.percentOn(factsOf(day));
      const percents = MONTHS.flatMap((month) => percentsIn(plan, settings, month));
      const { lengthSeconds } = program.shapeAt(percent);
      const longestSeconds = Math.max(lengthSeconds, longestRun(program));
      const roundToSeconds = plan.timer.season?.roundToSeconds ?? 1;
      const isOff = new Set(plan.stations.filter(({ enabled }) => !enabled).map((s) => s.number));
      return {
        ...{ program: settings.id, percent, lengthSeconds, longestSeconds },
        mostPercent: Math.max(percent, ...percents),
        stations: settings.runs.map(({ station, seconds }) => ({
          number: station,
          seconds: isOff.has(station) ? 0 : scaledSeconds(seconds, percent, roundToSeconds),
        })),
        starts: startsOf(settings).map((start) => ({
          ...start,
          endSecond: start.atSecond + lengthSeconds,
          latestEndSecond: start.atSecond + longestSeconds,
        })),
      };
    });

/** The starts that are set; of hours that are counted, the one from which they are. */
function startsOf({ days, starts }: ProgramSettings): { startNumber: number; atSecond: number }[] {
  if (days.mode === 'hours')
    return [{ startNumber: 1, atSecond: secondOfDay(parseDateTime(days.anchor)!) }];
  return starts.map((time, index) => ({
    startNumber: index + 1,
    atSecond: parseTimeOfDay(time)! * 60,
  }));
}
