import { runShape, scaledSeconds, type RunShape, type StationShare } from '../engine/index.js';
import { DailyNeed, type Brief } from './brief.js';
import { runSeconds } from './needs-of-dates.js';
import { DAY, HALF_DAY, secondOf, type NightSeconds } from './night.js';
import type { Job, Situation } from './situation.js';

/** What a station gets in each run of its program. */
export interface Share {
  readonly job: Job;
  readonly seconds: number;
  /** Null: it runs in one go. */
  readonly cycleSeconds: number | null;
}

/** A program without its days and hours: who waters how long, and how much room a run takes. */
export interface Draft {
  readonly shares: readonly Share[];
  /** Runs a date. */
  readonly starts: number;
  readonly concurrent: number;
  /** The run alone, at 100 % or at headroom, whichever is longer. */
  readonly longestSeconds: number;
  /** The least wait between two starts of the program, seconds. */
  readonly gapSeconds: number;
  /** Between which moments a start must lie, seconds of the night; may be none. */
  readonly window: { readonly from: NightSeconds; readonly to: NightSeconds };
  /** Hours of every day in which it must not run, seconds from midnight. */
  readonly avoid: readonly { readonly from: number; readonly to: number }[];
  /** By day, evenly: how its starts lie; null: in the night, one after the other. */
  readonly spread: { readonly from: number; readonly to: number } | null;
}

/** Why a group of stations makes no program: the timer cannot run so short, or has too few starts. */
export type NoDraft = 'piece' | 'starts' | 'length';

/** How many dates of the 56 the program waters, and how its starts are bound. */
interface DraftAsked {
  readonly dates: number;
  readonly timesPerDay: number | null;
  readonly concurrent: number;
  /** Heads that may run by day do so; otherwise they keep to the night like the others. */
  readonly usesDay: boolean;
}

/** The program of some stations with as few starts a date as do. */
export function draftOf(
  situation: Situation,
  jobs: readonly Job[],
  { dates, ...laying }: DraftAsked,
): Draft | NoDraft {
  const { timer } = situation.brief;
  const { timesPerDay } = laying;
  const most = timesPerDay ?? timer.startsPerProgram;
  if (most > timer.startsPerProgram) return 'starts';
  let failure: NoDraft = 'starts';
  for (let starts = timesPerDay ?? 1; starts <= most; starts++) {
    const shares = sharesOf(situation, jobs, starts, dates);
    if (Array.isArray(shares)) return laidOut(situation, shares, { ...laying, starts });
    // Runs that are too short already only grow shorter with more starts.
    if (shares === 'piece' || shares === 'length')
      return starts === 1 || shares === 'length' ? shares : failure;
    failure = shares;
  }
  return failure;
}

function sharesOf(
  situation: Situation,
  jobs: readonly Job[],
  starts: number,
  dates: number,
): Share[] | NoDraft {
  const { brief } = situation;
  const { runTime, cycleSoak } = brief.timer;
  const shares: Share[] = [];
  const ranges = jobs.map((job) => runSeconds(brief, job, starts, dates));
  const tooLong = jobs.some((job) => isTooLong(situation, job, starts, dates));
  if (ranges.some((range) => range === null)) return tooLong ? 'starts' : 'piece';
  const one = runTime.scope === 'program' ? Math.max(...ranges.map((range) => range!.least)) : null;
  if (one !== null && ranges.some((range) => range!.most < one)) return 'length';
  for (const [index, job] of jobs.entries()) {
    const seconds = one ?? ranges[index]!.least;
    const { maxPieceSeconds } = job.station;
    if (maxPieceSeconds === undefined || seconds <= maxPieceSeconds) {
      shares.push({ job, seconds, cycleSeconds: null });
      continue;
    }
    const cycleSeconds = Math.floor(maxPieceSeconds / runTime.stepSeconds) * runTime.stepSeconds;
    if (cycleSeconds === 0 || maxPieceSeconds < runTime.minSeconds) return 'piece';
    if (cycleSoak === null) return 'starts';
    shares.push({ job, seconds, cycleSeconds });
  }
  return shares;
}

/** The need is more than the timer runs at once: more starts help. */
function isTooLong({ brief }: Situation, job: Job, starts: number, dates: number): boolean {
  const { runTime } = brief.timer;
  const unbound = {
    ...brief,
    timer: { ...brief.timer, runTime: { ...runTime, maxSeconds: Infinity } },
  };
  const range = runSeconds(unbound, job, starts, dates);
  return range !== null && range.least > runTime.maxSeconds;
}

interface Laying extends Omit<DraftAsked, 'dates'> {
  readonly starts: number;
}

function laidOut(
  situation: Situation,
  shares: readonly Share[],
  { starts, concurrent, timesPerDay, usesDay }: Laying,
): Draft {
  const { brief, headroom, queueDelay } = situation;
  const { timer, controller } = brief;
  const conditions = {
    policy: timer.cycleSoak?.policy ?? ('in-order' as const),
    slots: Math.min(timer.maxConcurrentStations, concurrent),
    delaySeconds: controller.stationDelaySeconds,
  };
  const shapeAt = (order: readonly Share[], percent: number) =>
    runShape(
      order.map((share) => stationShare(share, percent, timer.season?.roundToSeconds ?? 1)),
      conditions,
    );
  const percents = headroom === 100 ? [100] : [100, headroom];
  // A list may be put in the order that is over soonest; numbers stand as they are.
  const orders =
    timer.stationOrder === 'listed' ? [shares, mostPiecesFirst(shares)] : [inNumbers(shares)];
  const tries = orders.map((order) => {
    const shapes = percents.map((percent) => shapeAt(order, percent));
    return { order, shapes, longest: Math.max(...shapes.map((shape) => shape.lengthSeconds)) };
  });
  const best = tries.reduce((a, b) => (b.longest < a.longest ? b : a));
  return {
    shares: best.order,
    starts,
    concurrent,
    longestSeconds: best.longest,
    gapSeconds: Math.max(best.longest + queueDelay, soakGap(best.order, best.shapes[0]!)),
    window: windowOf(situation, best.order, best.shapes, usesDay),
    avoid: [
      ...(shares.some(({ job }) => !job.isExempt) ? hoursOfDay(brief.rules.noWater) : []),
      ...hoursOfDay(controller.noWater),
    ],
    spread: timesPerDay === null ? null : spreadOf(shares),
  };
}

const stationShare = (
  { job, seconds, cycleSeconds }: Share,
  percent: number,
  roundToSeconds: number,
): StationShare => ({
  station: job.station.number,
  seconds: scaledSeconds(seconds, percent, roundToSeconds),
  cycleSeconds: cycleSeconds ?? Infinity,
  soakSeconds: cycleSeconds === null ? 0 : (job.station.minSoakSeconds ?? 0),
});

const inNumbers = (shares: readonly Share[]): Share[] =>
  [...shares].sort((a, b) => a.job.station.number - b.job.station.number);

const mostPiecesFirst = (shares: readonly Share[]): Share[] => {
  const span = ({ job, seconds, cycleSeconds }: Share) =>
    cycleSeconds === null
      ? 0
      : Math.ceil(seconds / cycleSeconds) * (cycleSeconds + (job.station.minSoakSeconds ?? 0));
  return [...shares].sort((a, b) => span(b) - span(a));
};

/** From one start of a program to its next: long enough for every station's soak, at 100 %. */
function soakGap(shares: readonly Share[], { pieces }: RunShape): number {
  return Math.max(
    0,
    ...shares.map(({ job: { station } }) => {
      const own = pieces.filter((piece) => piece.station === station.number);
      const [first, last] = [own[0]!, own.at(-1)!];
      return last.toSeconds - first.fromSeconds + (station.minSoakSeconds ?? 0);
    }),
  );
}

/** Hours that are forbidden on any weekday; which one is not told apart. */
const hoursOfDay = (hours: Brief['rules']['noWater']): { from: number; to: number }[] =>
  hours.map(({ from, to }) => {
    const [begin, end] = [secondOf(from), secondOf(to)];
    return { from: begin, to: end > begin ? end : end + DAY };
  });

/** The moments at which a run may start so that all its pieces lie where they may. */
function windowOf(
  { night }: Situation,
  shares: readonly Share[],
  shapes: readonly RunShape[],
  usesDay: boolean,
): Draft['window'] {
  let [from, to] = [-HALF_DAY, HALF_DAY];
  const byNumber = new Map(shares.map(({ job }) => [job.station.number, job]));
  // By day a run may lie on either side of noon, and its pieces stay together.
  const isByDay = shares.some(({ job }) => job.station.need instanceof DailyNeed);
  if (isByDay) [from, to] = [-DAY, DAY];
  for (const { pieces, lengthSeconds } of shapes) {
    if (!isByDay) to = Math.min(to, HALF_DAY - lengthSeconds);
    for (const piece of pieces) {
      const job = byNumber.get(piece.station)!;
      const hours = hoursOf(job, night, { isByDay, usesDay });
      if (!hours) continue;
      from = Math.max(from, hours.from - piece.fromSeconds);
      to = Math.min(to, hours.to - piece.toSeconds);
    }
  }
  return { from, to };
}

/** The hours in which a station's pieces must lie; null: any. */
function hoursOf(
  { station: { need }, isExempt }: Job,
  night: Situation['night'],
  { isByDay, usesDay }: { isByDay: boolean; usesDay: boolean },
): { from: number; to: number } | null {
  if (need instanceof DailyNeed) return dayHours(need);
  if (isExempt && (isByDay || usesDay)) return null;
  // Beside runs by day, which are counted from the midnight before, the night is that morning's.
  return isByDay ? { from: Math.max(0, night.from), to: night.to } : night;
}

/** From the midnight before. */
const dayHours = ({ spread: [from, to] }: DailyNeed) => ({
  from: secondOf(from),
  to: secondOf(to),
});

/** Where all stations by day may water. */
function spreadOf(shares: readonly Share[]): { from: number; to: number } {
  const hours = shares.flatMap(({ job: { station } }) =>
    station.need instanceof DailyNeed ? [dayHours(station.need)] : [],
  );
  return {
    from: Math.max(...hours.map(({ from }) => from)),
    to: Math.min(...hours.map(({ to }) => to)),
  };
}
