import {
  addDays,
  asMinuteOfDay,
  asTimerSeconds,
  dayOf,
  formatTimeOfDay,
  MINUTES_PER_DAY,
  parseTimeOfDay,
  secondOfDay,
  SECONDS_PER_DAY,
  type DayNumber,
} from '../../civil-time/index.js';
import { flowsBeside, type FaultOf } from '../../faults/index.js';
import { scoreOf, someOf, type Candidate, type Case } from '../candidate.js';
import type { Sighting } from '../what-holds.js';

const A_MINUTE = 60;
/** People see water after it began, and leave before it ends. */
const EARLIER_MINUTES = [0, 5, 10];
const LONGER_SECONDS = [0, 5 * A_MINUTE, 10 * A_MINUTE];
const LEAST_SECONDS = 5 * A_MINUTE;
/** Of a station that nobody named, so many are tried. */
const MOST_UNNAMED = 12;
/** Where nobody named the station they explain alike: so many are told. */
const MOST_TOLD = 3;

/** Leftovers of one station in another program, at a time of day at which water was seen that nothing set explains. */
export function extraPrograms(one: Case): Candidate[] {
  const { believed, unexplained } = one;
  const { timer, stations } = believed.plan;
  if (timer.programs.length < 2) return [];
  const named = new Set(unexplained.map(({ station }) => station));
  const numbers = named.has(null)
    ? stations.map(({ number }) => number).slice(0, MOST_UNNAMED)
    : [];
  const tried = new Set([...numbers, ...[...named].filter((station) => station !== null)]);
  return [...tried]
    .flatMap((station) => bestOf(one, station) ?? [])
    .sort((a, b) => scoreOf(b.fit) - scoreOf(a.fit))
    .slice(0, MOST_TOLD);
}

/** Of the times and lengths at which it fits what was seen best, the shortest; people tell times as they see them. */
function bestOf(one: Case, station: number): Candidate | null {
  const seen = one.unexplained.filter((each) => each.station === null || each.station === station);
  const tried = new Map<string, Candidate>();
  let best = -Infinity;
  for (const sighting of someOf(seen))
    for (const minutes of EARLIER_MINUTES)
      for (const longer of LONGER_SECONDS) {
        const { time, seconds } = around(one, sighting, minutes, longer);
        const key = `${time} ${seconds}`;
        if (tried.has(key) || mostOf(one, seen, time, seconds) < best) continue;
        const candidate = onItsDays(one, seen, { station, time, seconds });
        tried.set(key, candidate);
        best = Math.max(best, scoreOf(candidate.fit));
      }
  const good = [...tried.values()].filter(({ fit }) => scoreOf(fit) === best);
  return good.sort((a, b) => secondsOf(a) - secondsOf(b))[0] ?? null;
}

/** More than this it cannot score: all that its water touches of what was seen and not explained. */
function mostOf(
  { asSet, believed: { offSeconds } }: Case,
  seen: readonly Sighting[],
  time: string,
  seconds: number,
): number {
  const ofDay = parseTimeOfDay(time)! * A_MINUTE - offSeconds;
  const touched = seen.filter(({ from, to }) => {
    const [first, last] = [Math.min(from, to), Math.max(from, to)];
    // The last time that it begins before that is over.
    const days = Math.floor((last - ofDay) / SECONDS_PER_DAY);
    return ofDay + days * SECONDS_PER_DAY + seconds >= first;
  });
  return scoreOf(asSet) + touched.length;
}

const secondsOf = ({ fault }: Candidate): number =>
  fault.code === 'extra-program' ? fault.seconds : 0;

function around(
  { believed }: Case,
  { said }: Sighting,
  minutesEarlier: number,
  secondsLonger: number,
): { time: string; seconds: number } {
  const step = believed.plan.timer.startStepMinutes;
  const from = asTimerSeconds(said.from + believed.offSeconds);
  const minute = secondOfDay(from) / A_MINUTE - minutesEarlier;
  const onStep = Math.round(minute / step) * step;
  const time = formatTimeOfDay(asMinuteOfDay((onStep + MINUTES_PER_DAY) % MINUTES_PER_DAY));
  const seen = said.to - said.from + minutesEarlier * A_MINUTE;
  return { time, seconds: Math.max(LEAST_SECONDS, seen + secondsLonger) };
}

type Leftover = Pick<FaultOf<'extra-program'>, 'station' | 'time' | 'seconds'>;

/** On those of the dates on which it makes what was seen fit better. */
function onItsDays(
  { believed, beside }: Case,
  seen: readonly Sighting[],
  leftover: Leftover,
): Candidate {
  let best: Candidate | null = null;
  for (const date of datesNear(seen, believed.offSeconds, leftover)) {
    const dates: DayNumber[] =
      best?.fault.code === 'extra-program' ? [...best.fault.dates, date] : [date];
    const fault = { code: 'extra-program' as const, ...leftover, dates };
    const fit = beside(flowsBeside(believed, fault));
    if (!best || scoreOf(fit) > scoreOf(best.fit)) best = { fault, fit };
  }
  return best!;
}

/** The dates of its begin on which it could be what was seen. */
function datesNear(
  seen: readonly Sighting[],
  offSeconds: number,
  { time, seconds }: Leftover,
): DayNumber[] {
  const ofDay = parseTimeOfDay(time)! * A_MINUTE;
  const dates = seen.map(({ said }) => {
    const middle = (said.from + said.to) / 2 + offSeconds - seconds / 2;
    const day = dayOf(asTimerSeconds(Math.floor(middle)));
    const away = middle - day * SECONDS_PER_DAY - ofDay;
    if (away > SECONDS_PER_DAY / 2) return addDays(day, 1);
    return away < -SECONDS_PER_DAY / 2 ? addDays(day, -1) : day;
  });
  return [...new Set(dates)].sort((a, b) => a - b);
}
