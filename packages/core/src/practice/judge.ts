import {
  addDays,
  dayOf,
  startOfDay,
  type DayNumber,
  type TimerSeconds,
} from '../civil-time/index.js';
import { merged, type Span } from '../engine/index.js';
import { Believed, flowsOf, settingsWith, type ElectricalCode } from '../faults/index.js';
import { check } from '../findings/index.js';
import { getOrMake } from '../kernel/index.js';
import { isSameValue, meantPlaces, valueWords } from '../key-in/index.js';
import type { Plan } from '../settings/index.js';
import { counted, lengthInWords, momentInWords } from '../words/index.js';
import { isFixedAt } from './fixed-at.js';
import type { PracticeCase } from './practice-case.js';

/** A part that was replaced or joined anew, at a station where it is at one. */
export interface Replaced {
  readonly of: ElectricalCode | 'sensor' | 'valve';
  readonly station: number | null;
}

/** How a timer is left. */
export interface Left {
  readonly plan: Plan;
  /** What its clock shows, less true time. */
  readonly offSeconds: number;
  /** Stations that never open, and valves that do not close. */
  readonly shut: readonly number[];
  readonly stuck: readonly number[];
  readonly isSensorWet: boolean;
  readonly replaced: readonly Replaced[];
  /** True time. */
  readonly at: TimerSeconds;
}

export interface Judgement {
  readonly isRight: boolean;
  /** What is still wrong over the days to come, the first of each kind. */
  readonly wrong: readonly string[];
  /** What was changed although nothing was wrong with it. */
  readonly needless: readonly string[];
}

/** For so long a timer is watched after it was left. */
export const JUDGED_DAYS = 60;
const NEAR_SECONDS = 90;
const CLOCK_NEAR_SECONDS = 120;
/** Of the minutes that are wanted so much may be missing, or too much. */
const NEAR_SHARE = 0.1;

/** What comes of a timer as it was left, over the next {@link JUDGED_DAYS} days; by the engine. */
export function judge(one: PracticeCase, left: Left): Judgement {
  const from = addDays(dayOf(left.at), 1);
  const watch = { from: startOfDay(from), to: startOfDay(addDays(from, JUDGED_DAYS)) };
  const wanted = byStation(one.copy, watch, { offSeconds: 0, shut: [], isSensorWet: false });
  const waters = byStation(left.plan, watch, left);
  const wrong = [
    ...clockWords(left),
    ...left.stuck.map((station) => `The valve of ${nameOf(one, station)} still does not close.`),
    ...(one.goal === 'as-copy'
      ? timesOtherwise(one, wanted, waters)
      : minutesOtherwise(one, wanted, waters)),
    ...newFindings(one.copy, left.plan, from),
  ];
  return { isRight: wrong.length === 0, wrong, needless: needlessOf(one, left) };
}

type Water = ReadonlyMap<number, readonly Span[]>;

function byStation(
  plan: Plan,
  watch: Span,
  { offSeconds, shut, isSensorWet }: Pick<Left, 'offSeconds' | 'shut' | 'isSensorWet'>,
): Water {
  const set = settingsWith(plan, { code: 'clock', offSeconds }) ?? plan;
  const believed = new Believed(set, watch, []);
  const flows = believed.plan.controller.off
    ? []
    : flowsOf(believed, { code: isSensorWet ? 'sensor-stuck' : 'as-set' });
  const water = new Map<number, Span[]>();
  for (const { station, from, to } of flows)
    if (!shut.includes(station) && from < watch.to && to > watch.from)
      getOrMake(water, station, () => []).push({ from, to });
  return new Map([...water].map(([station, spans]) => [station, merged(spans)]));
}

function clockWords({ offSeconds }: Left): string[] {
  if (Math.abs(offSeconds) <= CLOCK_NEAR_SECONDS) return [];
  const off = lengthInWords(Math.round(Math.abs(offSeconds) / 60) * 60);
  return [`The clock is still ${off} ${offSeconds > 0 ? 'ahead' : 'behind'}.`];
}

const nameOf = ({ copy }: PracticeCase, station: number): string => {
  const name = copy.stations.find(({ number }) => number === station)?.name ?? '';
  return name === '' ? `station ${station}` : `station ${station} (${name})`;
};
const begins = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

const stationsOf = (...waters: readonly Water[]): number[] =>
  [...new Set(waters.flatMap((water) => [...water.keys()]))].sort((a, b) => a - b);

/** Of each station the first time at which it waters otherwise than the copy says. */
function timesOtherwise(one: PracticeCase, wanted: Water, waters: Water): string[] {
  return stationsOf(wanted, waters).flatMap((station) => {
    const name = begins(nameOf(one, station));
    const [asked, given] = [wanted.get(station) ?? [], waters.get(station) ?? []];
    const missing = asked.find((span) => !given.some((other) => isNear(span, other)));
    const more = given.find((span) => !asked.some((other) => isNear(span, other)));
    return [
      ...(missing
        ? [`${name} does not water on ${momentInWords(missing.from)}, as it is to.`]
        : []),
      ...(more ? [`${name} waters on ${momentInWords(more.from)}, otherwise than it is to.`] : []),
    ];
  });
}

const isNear = (a: Span, b: Span): boolean =>
  Math.abs(a.from - b.from) <= NEAR_SECONDS && Math.abs(a.to - b.to) <= NEAR_SECONDS;

/** Of each station whether it gets its minutes, whenever that is. */
function minutesOtherwise(one: PracticeCase, wanted: Water, waters: Water): string[] {
  return stationsOf(wanted, waters).flatMap((station) => {
    const [asked, given] = [secondsOf(wanted, station), secondsOf(waters, station)];
    if (Math.abs(given - asked) <= NEAR_SHARE * asked) return [];
    const [gets, wants] = [weekly(given), weekly(asked)];
    return [`${begins(nameOf(one, station))} gets ${gets} a week, and ${wants} are wanted.`];
  });
}

const secondsOf = (water: Water, station: number): number =>
  (water.get(station) ?? []).reduce((sum, { from, to }) => sum + to - from, 0);

const WEEK = 7;
const weekly = (seconds: number): string =>
  counted(Math.round((seconds * WEEK) / JUDGED_DAYS / 60), 'minute');

/** What is to be found on it, of kinds that the copy has nothing of. */
function newFindings(copy: Plan, plan: Plan, from: DayNumber): string[] {
  const known = new Set(check(copy, from).map(({ code }) => code));
  const found = check(plan, from).filter(
    ({ code, severity }) => severity !== 'info' && !known.has(code),
  );
  return found
    .filter(({ code }, index) => found.findIndex((other) => other.code === code) === index)
    .map(({ message }) => message);
}

/** Places that were as they are wanted, and are not any more; compared as the timer would show them. */
function changedFrom(copy: Plan, inTimer: Plan, left: Plan): string[] {
  return meantPlaces(copy).flatMap(({ read, what, program, station }) => {
    const [wanted, was, now] = [read(copy), read(inTimer), read(left)];
    if (!isSameValue(was, wanted) || isSameValue(now, wanted)) return [];
    const place = [
      ...(program === undefined ? [] : [`program ${program}`]),
      ...(station === undefined ? [] : [`station ${station}`]),
      what.toLowerCase(),
    ].join(', ');
    return [`Changed without need: ${place}, from ${valueWords(wanted)} to ${valueWords(now)}.`];
  });
}

/** Values that were as the copy has them and are not any more, and parts that were whole. */
function needlessOf({ copy, inTimer, hidden, goal }: PracticeCase, left: Left): string[] {
  const changed = goal === 'as-copy' ? changedFrom(copy, inTimer, left.plan) : [];
  const parts = left.replaced
    .filter(
      ({ of, station }) =>
        !hidden.some((one) =>
          one.code === 'electrical'
            ? one.of === of && isFixedAt(copy, one, station)
            : (of === 'sensor' && one.code.startsWith('sensor')) ||
              (of === 'valve' && one.code === 'valve-stuck' && one.station === station),
        ),
    )
    .map(({ of, station }) =>
      station === null
        ? `Replaced although it was whole: ${of}.`
        : `Replaced at station ${station} although it was whole: ${of}.`,
    );
  return [...changed, ...parts];
}
