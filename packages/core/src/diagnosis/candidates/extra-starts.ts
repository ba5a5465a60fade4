import { asMinuteOfDay, formatTimeOfDay, MINUTES_PER_DAY } from '../../civil-time/index.js';
import { flowsOf } from '../../faults/index.js';
import type { ProgramSettings } from '../../settings/index.js';
import { scoreOf, someOf, type Candidate, type Case } from '../candidate.js';
import type { Sighting } from '../what-holds.js';

const LOOK_MINUTES = 5;
/** Times next to so many of the best are looked at step by step. */
const MOST_REFINED = 4;
/** So many times of day are tried with a program; of a timer that waters much, fewer, for each takes longer. */
const MOST_TRIED = 120;
const LEAST_TRIED = 24;
const MOST_WATER = 60_000;

/** A start more than the copy has, at a time that brings water to where it was seen and not explained. */
export function extraStarts(one: Case): Candidate[] {
  const { timer, programs } = one.believed.plan;
  return programs
    .filter(
      ({ enabled, runs, starts, days }) =>
        enabled &&
        days.mode !== 'hours' &&
        starts.length < timer.startsPerProgram &&
        runs.some(({ seconds }) => seconds > 0),
    )
    .flatMap((program) => bestStarts(one, program));
}

function bestStarts(one: Case, program: ProgramSettings): Candidate[] {
  const { believed, sightings, unexplained } = one;
  const step = believed.plan.timer.startStepMinutes;
  const tried = new Map<number, Candidate>();
  const tryAt = (minute: number): void => {
    const time = formatTimeOfDay(asMinuteOfDay(minute));
    if (tried.has(minute) || program.starts.includes(time)) return;
    const fault = { code: 'extra-start' as const, program: program.id, time };
    tried.set(minute, { fault, fit: sightings.fit(flowsOf(believed, fault)) });
  };
  const wide = Math.ceil(LOOK_MINUTES / step) * step;
  const lengthMinutes = lengthOf(one, program);
  const times = inTurn(
    someOf(unexplained).map((sighting) =>
      timesBefore(sighting, lengthMinutes, wide, believed.offSeconds),
    ),
  );
  const most = Math.floor(MOST_WATER / (1 + believed.asSet.length));
  const tries = Math.max(LEAST_TRIED, Math.min(MOST_TRIED, most));
  for (const minute of [...new Set(times)].slice(0, tries)) tryAt(minute);
  const best = [...tried].sort(([, a], [, b]) => scoreOf(b.fit) - scoreOf(a.fit));
  if (step < wide)
    for (const [minute] of best.slice(0, MOST_REFINED))
      for (let beside = step - wide; beside < wide; beside += step)
        tryAt((minute + beside + MINUTES_PER_DAY) % MINUTES_PER_DAY);
  return middles(tried, step);
}

/** The first of each, then the second of each. */
function inTurn<Value>(lists: readonly (readonly Value[])[]): Value[] {
  const longest = Math.max(0, ...lists.map(({ length }) => length));
  return Array.from({ length: longest }, (_, index) => index).flatMap((index) =>
    lists.flatMap((list) => list.slice(index, index + 1)),
  );
}

/** How long water of the program may come after its start. */
function lengthOf({ believed }: Case, { id }: ProgramSettings): number {
  const runs = new Map<string, { from: number; to: number }>();
  for (const { run, start, from, to } of believed.wide) {
    if (start?.program !== id) continue;
    const known = runs.get(run) ?? { from, to };
    runs.set(run, { from: Math.min(known.from, from), to: Math.max(known.to, to) });
  }
  const lengths = [...runs.values()].map(({ from, to }) => to - from);
  return Math.ceil(Math.max(3600, ...lengths) / 60);
}

/** Minutes of the timer's day, on a grid, at which a run may have begun that was seen. */
function timesBefore(
  { said }: Sighting,
  lengthMinutes: number,
  stepMinutes: number,
  offSeconds: number,
): number[] {
  const first = Math.floor((said.from + offSeconds) / 60) - lengthMinutes;
  const last = Math.floor((said.to + offSeconds) / 60) + LOOK_MINUTES;
  const times: number[] = [];
  for (let at = Math.ceil(first / stepMinutes) * stepMinutes; at <= last; at += stepMinutes)
    times.push(((at % MINUTES_PER_DAY) + MINUTES_PER_DAY) % MINUTES_PER_DAY);
  return times.reverse();
}

/** Of times next to each other that fit equally well, the middle one. */
function middles(tried: ReadonlyMap<number, Candidate>, step: number): Candidate[] {
  const groups: (readonly [number, Candidate])[][] = [];
  for (const entry of [...tried].sort(([a], [b]) => a - b)) {
    const last = groups.at(-1);
    const [minute, { fit }] = last?.at(-1) ?? entry;
    const isNext = entry[0] - minute <= Math.max(step, LOOK_MINUTES);
    if (last && isNext && scoreOf(fit) === scoreOf(entry[1].fit)) last.push(entry);
    else groups.push([entry]);
  }
  return groups.map((group) => {
    const middle = (group[0]![0] + group.at(-1)![0]) / 2;
    const away = ([minute]: readonly [number, Candidate]) => Math.abs(minute - middle);
    return group.reduce((best, entry) => (away(entry) < away(best) ? entry : best))[1];
  });
}
