import { formatDateTime, type DayNumber } from '../../civil-time/index.js';
import type { Plan } from '../../settings/index.js';
import type { DateRange } from '../nominal-runs.js';
import { runName, type RunName } from '../simulation-report.js';
import { firstFlowAbove, type FlowTogether } from './flows.js';
import { firstMeeting, smallestGapSeconds, type Meeting, type RunOfTimer } from './meetings.js';
import { timersOnSupply } from './timer-on-supply.js';

/** More than the supply gives, and when first. */
export interface FlowOver extends FlowTogether {
  readonly supplyLpm: number;
}

/** What several timers on one supply come to, in true time. */
export interface Together {
  /** Null: runs of different timers never overlap, on any date. */
  readonly firstMeeting: Meeting | null;
  /** Null: within the dates they never take more than the supply gives, or nobody knows what it gives. */
  readonly firstFlowOver: FlowOver | null;
}

/**
 * Whether runs of different timers ever overlap, from a true date on, and whether within so many dates they take more
 * than their supply gives.
 * @throws TooMuchToWorkOut
 */
export function together(plans: readonly Plan[], range: DateRange): Together {
  const timers = timersOnSupply(plans);
  const supplyLpm = supplyOf(plans);
  const flow = supplyLpm === null ? null : firstFlowAbove(timers, supplyLpm, range);
  return {
    firstMeeting: firstMeeting(timers, range.from),
    firstFlowOver: flow && { ...flow, supplyLpm: supplyLpm! },
  };
}

/** The earliest overlap of runs of different timers alone, on any date. */
export const firstMeetingOf = (plans: readonly Plan[], from: DayNumber): Meeting | null =>
  firstMeeting(timersOnSupply(plans), from);

/** How far the clocks of timers may drift apart before runs overlap; null where none is within a day of another. */
export const clocksMayDriftSeconds = (plans: readonly Plan[], from: DayNumber): number | null =>
  smallestGapSeconds(timersOnSupply(plans), from);

/** Litres a minute that the supply gives: the least that any of the plans says. */
export function supplyOf(plans: readonly Plan[]): number | null {
  const supplies = plans.flatMap(({ site }) => site?.supplyLpm ?? []);
  return supplies.length === 0 ? null : Math.min(...supplies);
}

interface RunOfTimerReport extends RunName {
  readonly timer: number;
  readonly trueTime: string;
}

export interface TogetherReport {
  readonly firstMeeting: {
    readonly a: RunOfTimerReport;
    readonly b: RunOfTimerReport;
    readonly seconds: number;
  } | null;
  readonly firstFlowOver: {
    readonly at: string;
    readonly lpm: number;
    readonly supplyLpm: number;
  } | null;
}

/** What `together` prints. */
export function togetherReport(plans: readonly Plan[], range: DateRange): TogetherReport {
  const { firstMeeting: meeting, firstFlowOver: over } = together(plans, range);
  return {
    firstMeeting: meeting && {
      a: runOfTimer(meeting.a),
      b: runOfTimer(meeting.b),
      seconds: meeting.seconds,
    },
    firstFlowOver: over && {
      at: formatDateTime(over.at),
      lpm: withoutNoise(over.lpm),
      supplyLpm: over.supplyLpm,
    },
  };
}

const runOfTimer = ({ timer, run, trueTime }: RunOfTimer): RunOfTimerReport => ({
  timer,
  ...runName(run),
  trueTime: formatDateTime(trueTime),
});

/** A sum of decimals without what binary fractions leave behind. */
const withoutNoise = (lpm: number): number => Number(lpm.toFixed(6));
