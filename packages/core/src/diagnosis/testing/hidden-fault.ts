import {
  addDays,
  addSeconds,
  asMinuteOfDay,
  asTimerSeconds,
  dayOf,
  formatDateTime,
  formatTimeOfDay,
  SECONDS_PER_DAY,
  startOfDay,
  type TimerSeconds,
} from '../../civil-time/index.js';
import { factsOf, merged, runAlone, type Span } from '../../engine/index.js';
import {
  Believed,
  flowsOf,
  unlikelihood,
  type Fault,
  type FaultCode,
  type Flow,
} from '../../faults/index.js';
import { drawFrom, type Draw } from '../../planner/testing/random-brief.js';
import type { Plan } from '../../settings/index.js';
import { readSeen, type Seen } from '../seen.js';
import { Sightings } from '../what-holds.js';
import { isOneIn, oneOf, randomTimer } from './random-timer.js';

/** A timer with a fault that somebody saw some of, without knowing what it is. */
export interface HiddenFault {
  readonly plan: Plan;
  readonly seen: Seen;
  readonly truth: Fault;
  readonly believed: Believed;
}

type RandomFault = (plan: Plan, watch: Span, draw: Draw) => Fault;

const stationOf = (plan: Plan, draw: Draw): number => oneOf(draw, plan.stations).number;
const timeOf = (plan: Plan, draw: Draw): string => {
  const step = plan.timer.startStepMinutes;
  return formatTimeOfDay(asMinuteOfDay((Math.round(draw(1440) / step) * step) % 1440));
};

/** Of each kind one at random. */
export const RANDOM_FAULTS: Readonly<Record<FaultCode, RandomFault>> = {
  'as-set': () => ({ code: 'as-set' }),
  clock: (_plan, _watch, draw) => ({
    code: 'clock',
    offSeconds: oneOf(draw, [
      ...[43_200, -43_200, 3600, -3600],
      ...[(1 + draw(6)) * SECONDS_PER_DAY, -(1 + draw(6)) * SECONDS_PER_DAY],
      ...[60 * (10 + draw(700)), -60 * (10 + draw(700))],
    ]),
  }),
  percent: (plan, _watch, draw) => ({
    code: 'percent',
    percent: plan.timer.season ? oneOf(draw, [30, 40, 50, 60, 70, 140, 150, 170, 200]) : 100,
  }),
  'extra-start': (plan, _watch, draw) => ({
    ...{ code: 'extra-start', program: oneOf(draw, plan.programs).id, time: timeOf(plan, draw) },
  }),
  'extra-program': (plan, { from }, draw) => {
    const [every, first] = [1 + draw(3), draw(3)];
    const day = dayOf(from);
    return {
      ...{ code: 'extra-program', station: stationOf(plan, draw), time: timeOf(plan, draw) },
      seconds: 60 * (4 + draw(20)),
      dates: Array.from({ length: 9 }, (_, index) => addDays(day, index)).filter(
        (date) => date % every === first % every,
      ),
    };
  },
  'sensor-stuck': () => ({ code: 'sensor-stuck' }),
  'sensor-ignored': () => ({ code: 'sensor-ignored' }),
  'switched-off': () => ({ code: 'switched-off' }),
  'station-dead': (plan, _watch, draw) => ({
    code: 'station-dead',
    station: stationOf(plan, draw),
  }),
  'valve-stuck': (plan, _watch, draw) => ({
    ...{ code: 'valve-stuck', station: stationOf(plan, draw), isAlways: isOneIn(draw, 4) },
  }),
  'by-hand': (plan, { from }, draw) => {
    const at = addSeconds(from, 60 * draw(7 * 1440));
    const seconds = 60 * (3 + draw(15));
    const numbers = plan.stations.map(({ number }) => number).sort((a, b) => a - b);
    const turn = seconds + plan.controller.stationDelaySeconds;
    const all = numbers.map((station, place) => ({
      ...{ station, fromSeconds: place * turn, toSeconds: place * turn + seconds },
    }));
    const [station, program] = [oneOf(draw, numbers), oneOf(draw, plan.programs)];
    const { shape } = runAlone(plan, program, factsOf(dayOf(at)));
    return oneOf<Fault>(draw, [
      { code: 'by-hand', run: { of: 'all', seconds }, at, pieces: all },
      { code: 'by-hand', run: { of: 'program', program: program.id }, at, pieces: shape.pieces },
      {
        ...{ code: 'by-hand', run: { of: 'station', station }, at },
        pieces: [{ station, fromSeconds: 0, toSeconds: seconds }],
      },
    ]);
  },
};

/** One fault of a kind at a random timer, and what somebody noticed; null where nothing is to be noticed. */
export function hiddenFault(seed: number, code: FaultCode): HiddenFault | null {
  const draw = drawFrom(seed);
  const { plan, from } = randomTimer(draw);
  const watch = { from: startOfDay(from), to: startOfDay(addDays(from, 7 + draw(3))) };
  const isRainy = code === 'sensor-ignored' || isOneIn(draw, 4);
  const rain = isRainy ? rainIn(watch, draw) : [];
  const believed = new Believed(plan, watch, rain.map(written));
  const truth = RANDOM_FAULTS[code](plan, watch, draw);
  const real = flowsOf(believed, truth).filter((flow) => isIn(flow, watch));
  const set = flowsOf(believed, { code: 'as-set' }).filter((flow) => isIn(flow, watch));
  if (code !== 'as-set' && isSameWater(real, set)) return null;
  const isWhole = isOneIn(draw, 6);
  const noticed = isWhole ? allWatered(real, watch) : someSeen(real, set, watch, draw);
  if (noticed === null || noticed.length === 0) return null;
  const read = readSeen({
    ...{ format: 'waterclock.seen/1', isWhole, rain: rain.map(written), seen: noticed },
    ...{ from: formatDateTime(watch.from), to: formatDateTime(watch.to) },
  });
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  if (code !== 'as-set' && isAllOf(read.value, set)) return null;
  return { plan, seen: read.value, truth, believed };
}

/** Nothing was seen but what this water shows: nobody would call. */
function isAllOf(seen: Seen, water: readonly Flow[]): boolean {
  const { explains, against, holds } = new Sightings(seen).fit(water);
  return explains === holds.length && against === 0;
}

const isIn = (flow: Span, watch: Span): boolean => flow.from >= watch.from && flow.to <= watch.to;

export const written = ({ from, to }: Span) => ({
  from: formatDateTime(from),
  to: formatDateTime(to),
});

export const rainIn = ({ from }: Span, draw: Draw): Span[] =>
  Array.from({ length: 2 + draw(2) }, (_, index) => {
    const begin = addSeconds(from, (2 * index + draw(2)) * SECONDS_PER_DAY + 600 * draw(140));
    return { from: begin, to: addSeconds(begin, 600 * (12 + draw(80))) };
  });

const FIVE_MINUTES = 300;
const rounded = (at: TimerSeconds): TimerSeconds =>
  asTimerSeconds(Math.round(at / FIVE_MINUTES) * FIVE_MINUTES);

interface Noticed {
  readonly what: 'watered' | 'dry';
  readonly from: string;
  readonly to: string | null;
  readonly station: number | null;
}

const sighted = (
  what: Noticed['what'],
  from: TimerSeconds,
  to: TimerSeconds | null,
  station: number | null,
): Noticed => ({
  ...{ what, station, from: formatDateTime(from), to: to === null ? null : formatDateTime(to) },
});

/** What somebody with a meter writes down: all water, and nothing of which valve. */
const allWatered = (real: readonly Flow[], watch: Span): Noticed[] | null => {
  const all = merged(real.map(({ from, to }) => ({ from, to: addSeconds(to, FIVE_MINUTES) })));
  const seen = all.map(({ from, to }) => ({
    from: rounded(from),
    to: rounded(addSeconds(to, -FIVE_MINUTES)),
  }));
  return seen.some(({ from, to }) => from < watch.from || to > watch.to)
    ? null
    : seen.map(({ from, to }) => sighted('watered', from, to, null));
};

/**
 * Half of what waters otherwise than it is set to, half of what stays dry that is not to, and some of the rest: of all
 * that is odd at least one thing. Who sees no water at all says so of all the time.
 */
function someSeen(real: readonly Flow[], set: readonly Flow[], watch: Span, draw: Draw): Noticed[] {
  if (real.length === 0) return [sighted('dry', watch.from, watch.to, null)];
  const odd = real.filter((flow) => !set.some((other) => isSameFlow(flow, other)));
  const missing = set.filter(
    (flow) => !real.some((other) => other.from < flow.to && other.to > flow.from),
  );
  const dead = set.filter(
    (flow) =>
      !real.some(
        (other) => other.station === flow.station && other.from < flow.to && other.to > flow.from,
      ),
  );
  const usual = real.filter((flow) => !odd.includes(flow));
  const someOf = (flows: readonly Flow[], many: number) =>
    flows.filter(() => draw(Math.max(1, flows.length)) < many);
  const watered = [
    ...someOf(odd, Math.max(4, odd.length / 2)),
    ...odd.slice(0, 1),
    ...someOf(usual, 4),
  ];
  const seen = [...new Set(watered)].flatMap((flow) => seenOf(flow, draw));
  const dry = [
    ...someOf(missing, 3).map((flow) => dryOf(flow, isOneIn(draw, 2) ? null : flow.station)),
    ...[...someOf(dead, 3), ...(odd.length === 0 ? dead.slice(0, 1) : [])].map((flow) =>
      dryOf(flow, flow.station),
    ),
    ...dryDay(real, watch, draw),
  ];
  return [...seen, ...dry].sort((a, b) => (a.from < b.from ? -1 : 1));
}

function seenOf({ from, to, station }: Flow, draw: Draw): Noticed[] {
  const known = isOneIn(draw, 3) ? null : station;
  if (isOneIn(draw, 3))
    return [sighted('watered', rounded(addSeconds(from, (to - from) / 2)), null, known)];
  return [sighted('watered', rounded(from), rounded(to), known)];
}

const dryOf = ({ from, to }: Flow, station: number | null): Noticed =>
  sighted('dry', rounded(from), rounded(to), station);

function dryDay(real: readonly Flow[], watch: Span, draw: Draw): Noticed[] {
  const days = Array.from({ length: 6 }, (_, index) =>
    addSeconds(watch.from, index * SECONDS_PER_DAY),
  );
  const dry = days.filter(
    (day) => !real.some(({ from, to }) => from < day + SECONDS_PER_DAY && to > day),
  );
  if (dry.length === 0 || isOneIn(draw, 3)) return [];
  const day = oneOf(draw, dry);
  return [sighted('dry', day, addSeconds(day, SECONDS_PER_DAY), null)];
}

const isSameFlow = (a: Flow, b: Flow): boolean =>
  a.station === b.station &&
  Math.abs(a.from - b.from) <= FIVE_MINUTES &&
  Math.abs(a.to - b.to) <= FIVE_MINUTES;

/** The same water, to five minutes. */
export const isSameWater = (one: readonly Flow[], other: readonly Flow[]): boolean =>
  one.length === other.length && one.every((flow) => other.some((like) => isSameFlow(flow, like)));

/** The answer is the truth, or makes the same water in all of the time that was watched. */
export function isRight({ truth, believed }: HiddenFault, answer: Fault): boolean {
  const { watch } = believed;
  const water = (fault: Fault) => flowsOf(believed, fault).filter((flow) => isIn(flow, watch));
  return isTold(truth, answer) || isSameWater(water(truth), water(answer));
}

function isTold(truth: Fault, answer: Fault): boolean {
  const data = (fault: Fault) => ({
    ...('program' in fault && { program: fault.program }),
    ...('station' in fault && { station: fault.station }),
  });
  if (truth.code !== answer.code) return false;
  if (JSON.stringify(data(truth)) !== JSON.stringify(data(answer))) return false;
  if (truth.code === 'clock' && answer.code === 'clock')
    return Math.abs(truth.offSeconds - answer.offSeconds) <= 600;
  if (truth.code === 'percent' && answer.code === 'percent')
    return Math.abs(truth.percent - answer.percent) <= 10;
  if ('time' in truth && 'time' in answer) return isNear(truth.time, answer.time);
  return true;
}

function isNear(one: string, other: string): boolean {
  const minute = (time: string) => 60 * Number(time.slice(0, 2)) + Number(time.slice(3));
  const away = Math.abs(minute(one) - minute(other));
  return Math.min(away, 1440 - away) <= 10;
}

interface Told {
  readonly fault: Fault;
  readonly explains: number;
  readonly against: number;
}

/**
 * What an answer is worth: where it stands that is right, from 1; 0: nowhere. Null: what it tells first explains as
 * much of what was seen and is as likely, or explains more, so that nobody could have told better.
 */
export function rankOf(one: HiddenFault, causes: readonly Told[]): number | null {
  const rank = causes.findIndex(({ fault }) => isRight(one, fault)) + 1;
  const [first] = causes;
  if (rank === 1 || !first) return rank;
  const scoreOf = ({ explains, against }: Omit<Told, 'fault'>) => explains - against;
  const truth = scoreOf(new Sightings(one.seen).fit(flowsOf(one.believed, one.truth)));
  const isAsLikely = unlikelihood(first.fault) <= unlikelihood(one.truth);
  const isAsGood = scoreOf(first) > truth || (scoreOf(first) === truth && isAsLikely);
  return isAsGood ? null : rank;
}
