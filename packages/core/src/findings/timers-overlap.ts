import { dayOf, formatDateTime, type DayNumber, type TimerSeconds } from '../civil-time/index.js';
import {
  clocksMayDriftSeconds,
  supplyOf,
  together,
  type FlowOver,
  type Meeting,
  type RunOfTimer,
} from '../engine/index.js';
import type { Plan } from '../settings/index.js';
import { clockTime, lengthInWords, listInWords, nearDate } from '../words/index.js';
import type { Severity } from './finding.js';
import { isComplete, timedRuns, WATCHED_DAYS } from './situation.js';

/** A timer of a home, as its people call it, with its settings. */
export interface NamedTimer {
  readonly name: string;
  readonly plan: Plan;
}

/** What is to be known of all timers of a home on one supply; in true time. */
export interface TimersOverlap {
  readonly code: 'timers-overlap';
  /** `error`: they take more than the supply gives; `warning`: nobody can say; `info`: it is enough, or they never meet. */
  readonly severity: Severity;
  readonly message: string;
  /** The places, in the list, of the timers that it is about; none where they never meet. */
  readonly timers: readonly number[];
  /** When it occurs first, `YYYY-MM-DDTHH:MM:SS`; null: never. */
  readonly first: string | null;
}

/**
 * Whether timers on one supply ever overlap, and whether the supply gives what they take then. Overlaps are looked for
 * on all dates, flow in the first {@link WATCHED_DAYS}. Null for fewer than two timers.
 * @throws TooMuchToWorkOut
 */
export function timersOverlap(
  timers: readonly NamedTimer[],
  from: DayNumber,
): TimersOverlap | null {
  if (timers.length < 2) return null;
  const plans = timers.map(({ plan }) => plan);
  const { firstMeeting, firstFlowOver } = together(plans, { from, days: WATCHED_DAYS });
  const nameOf = (place: number): string => timers[place]!.name;
  if (firstFlowOver) return tooMuch(firstFlowOver, nameOf, from);
  if (!firstMeeting) return apart(clocksMayDriftSeconds(plans, from));
  const unknown = unknownWords(timers);
  const enough = `in the ${WATCHED_DAYS} days from now the supply gives enough for both`;
  return {
    code: 'timers-overlap',
    severity: unknown === null ? 'info' : 'warning',
    message: `${meetingWords(firstMeeting, nameOf, from)}; ${unknown ?? enough}.`,
    timers: [firstMeeting.a.timer, firstMeeting.b.timer],
    first: formatDateTime(firstMeeting.b.trueTime),
  };
}

function tooMuch(
  { at, lpm, supplyLpm, open }: FlowOver,
  nameOf: (place: number) => string,
  from: DayNumber,
): TimersOverlap {
  const places = [...new Set(open.map(({ timer }) => timer))];
  const who = listInWords(
    places.map((place) => {
      const stations = open.filter(({ timer }) => timer === place);
      const numbers = listInWords(stations.map(({ station }) => String(station)));
      return `${nameOf(place)} (${stations.length === 1 ? 'station' : 'stations'} ${numbers})`;
    }),
  );
  return {
    code: 'timers-overlap',
    severity: 'error',
    message: `On ${when(at, from)} ${who} ${places.length === 1 ? 'takes' : 'take'} ${litres(lpm)} L/min, and the supply gives ${litres(supplyLpm)} L/min.`,
    timers: places,
    first: formatDateTime(at),
  };
}

function apart(driftSeconds: number | null): TimersOverlap {
  const clocks =
    driftSeconds === null
      ? 'and no run of one is within a day of one of another'
      : driftSeconds === 0
        ? 'but one begins in the moment in which another ends'
        : `as long as their clocks agree to within ${lengthInWords(driftSeconds)}`;
  return {
    code: 'timers-overlap',
    severity: 'info',
    message: `Their runs never overlap, on any date, ${clocks}.`,
    timers: [],
    first: null,
  };
}

function meetingWords(
  { a, b, seconds }: Meeting,
  nameOf: (place: number) => string,
  from: DayNumber,
): string {
  const run = ({ timer, run: { program } }: RunOfTimer) =>
    `program ${program.id} of ${nameOf(timer)}`;
  return `On ${when(b.trueTime, from)} ${run(b)} begins while ${run(a)} is going, for ${lengthInWords(seconds)}`;
}

const when = (at: TimerSeconds, from: DayNumber): string =>
  `${nearDate(dayOf(at), from)} at ${clockTime(at)}`;

/** Why nobody can say whether the supply is enough, at the first overlap or at a later one; null where it can be said. */
function unknownWords(timers: readonly NamedTimer[]): string | null {
  if (supplyOf(timers.map(({ plan }) => plan)) === null)
    return 'what the supply gives is not known';
  const without = timers.flatMap(({ name, plan }) => {
    const watered = new Set(
      plan.programs
        .filter(isComplete)
        .flatMap(timedRuns)
        .map(({ station }) => station),
    );
    const stations = plan.stations.filter(
      ({ number, enabled, flowLpm }) => enabled && watered.has(number) && flowLpm === undefined,
    );
    return stations.length === 0
      ? []
      : `${name} (${listInWords(stations.map(({ number }) => String(number)))})`;
  });
  return without.length === 0 ? null : `what stations take is not known: ${listInWords(without)}`;
}

const litres = (lpm: number): string => String(Math.round(lpm * 10) / 10);
