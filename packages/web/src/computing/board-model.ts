import {
  addDays,
  addSeconds,
  dayOf,
  SECONDS_PER_DAY,
  startOfDay,
  type DayNumber,
  type TimerSeconds,
} from '@water-clock/core/civil-time';
import {
  hoursByDateWithin,
  hoursWithin,
  factsOf,
  runAlone,
  simulate,
  type BegunRun,
  type NominalRun,
  type Span,
} from '@water-clock/core/engine';
import { rulesOfDate, type Plan } from '@water-clock/core/settings';
import { group } from 'd3';
import { holdsIn, isHeld, withoutHolds, type BoardHold, type NightSpan } from './board-holds';
import { seldomRuns, type SeldomRun } from './seldom-runs';
import { knownSunrise } from './sunrise';

export const NIGHTS = 14;
const NOON_SECONDS = SECONDS_PER_DAY / 2;

export type { NightSpan };

export interface BoardPiece extends NightSpan {
  readonly station: number;
  readonly piece: number;
  /** Pieces of one run that are open at once stand one below the other: 0 is the top slot. */
  readonly slot: number;
}

/** A program run as the settings ask for it, and what the timer makes of it. */
export interface BoardRun {
  /** The same for the same start on the same date, whatever its time of day. */
  readonly key: string;
  readonly program: string;
  readonly programOrder: number;
  readonly startNumber: number;
  readonly nominal: TimerSeconds;
  /** The run alone: from its start to the end of its last piece. */
  readonly asked: NightSpan;
  readonly pieces: readonly BoardPiece[];
  /** Where the run really goes; null where the timer leaves it out. The same as `asked` if nothing is in its way. */
  readonly real: NightSpan | null;
  /** Runs that go at the same time stand one below the other: 0 is the top lane. */
  readonly lane: number;
  /** How many lanes its row has while it goes. */
  readonly lanes: number;
  /** How many stations the run has open at once, at most. */
  readonly slots: number;
}

export interface BoardCollision extends NightSpan {
  readonly a: BoardRun;
  readonly b: BoardRun;
  readonly seconds: number;
}

/** From noon of `day` to noon of the next. */
export interface BoardNight {
  readonly day: DayNumber;
  readonly runs: readonly BoardRun[];
  readonly collisions: readonly BoardCollision[];
  /** Hours in which the timer, or the local rules, let nothing water. */
  readonly forbidden: readonly NightSpan[];
  /** When the timer is paused, switched off, or else lets nothing water for a while. */
  readonly holds: readonly BoardHold[];
  /** How many of its runs the timer leaves out for that. */
  readonly leftOut: number;
  readonly sunrise: number | null;
}

export interface ProgramTotal {
  /** How long one run takes, alone, at the percentage of the first night on which it runs. */
  readonly lengthSeconds: number;
  readonly percent: number;
}

export interface BoardModel {
  readonly nights: readonly BoardNight[];
  /** The hours that are in use, in seconds since noon, whole hours. */
  readonly axis: NightSpan;
  readonly collisions: readonly BoardCollision[];
  readonly totals: Readonly<Record<string, ProgramTotal>>;
  /** Programs that water, but in none of these nights. */
  readonly seldom: readonly SeldomRun[];
}

const programsIn = (nights: readonly BoardNight[]): ReadonlySet<string> =>
  new Set(nights.flatMap(({ runs }) => runs.map(({ program }) => program)));

/**
 * What fourteen nights from the noon of `from` bring. All times are moved back by `moveBackSeconds`:
 * by the error of the timer's clock, to see them as they will happen.
 */
export function boardModel(plan: Plan, from: DayNumber, moveBackSeconds = 0): BoardModel {
  const firstNoon = addSeconds(startOfDay(from), NOON_SECONDS + moveBackSeconds);
  // A night before the first, so that what still waits in a queue at noon is there.
  const range = { from: addDays(dayOf(firstNoon), -1), days: NIGHTS + 2 };
  const { nominal, runs, pieces, collisions } = simulate(plan, range);
  const meant = isHeld(plan) ? simulate(withoutHolds(plan), range).nominal : nominal;
  const begun = new Map(runs.map((run) => [runKey(run), run]));
  const real = group(pieces, (piece) => runKey(piece.run));
  const nights = Array.from({ length: NIGHTS }, (_, offset): BoardNight => {
    const day = addDays(from, offset);
    // Noon by the timer's clock, from which all its times are counted.
    const noon = addSeconds(firstNoon, offset * SECONDS_PER_DAY);
    const isIn = (run: NominalRun) => run.nominal < noon + SECONDS_PER_DAY && endOf(run) > noon;
    const own = nominal.filter(isIn);
    const boardRuns = inLanes(
      own.map((run) => {
        const key = runKey(run);
        const shown = boardRun(run, begun.get(key), real.get(key) ?? [], noon);
        return { ...shown, nominal: addSeconds(run.nominal, -moveBackSeconds) };
      }),
    );
    const byKey = new Map(boardRuns.map((run) => [run.key, run]));
    return {
      day,
      runs: boardRuns,
      collisions: collisions.flatMap(({ a, b, seconds }) => {
        const [runA, runB] = [byKey.get(runKey(a)), byKey.get(runKey(b))];
        const at = b.nominal - noon;
        if (!runA || !runB || at < 0 || at >= SECONDS_PER_DAY) return [];
        return { a: runA, b: runB, seconds, from: at, to: at + seconds };
      }),
      holds: holdsIn(plan, noon),
      leftOut: meant.filter(isIn).length - own.length,
      forbidden: forbiddenIn(plan, noon, addSeconds(noon, -moveBackSeconds)),
      sunrise: sunriseIn(plan, day),
    };
  });
  return {
    nights,
    axis: axisOf(nights),
    collisions: nights.flatMap((night) => night.collisions),
    totals: totalsOf(plan, nominal, from),
    seldom: seldomRuns(plan, programsIn(nights), addDays(from, NIGHTS), moveBackSeconds),
  };
}

const runKey = ({ program, startNumber, nominal }: NominalRun): string =>
  `${program.id} ${startNumber} ${Math.floor(nominal / SECONDS_PER_DAY)}`;

const endOf = (run: NominalRun): number => run.nominal + run.shape.lengthSeconds;

function boardRun(
  run: NominalRun,
  begun: BegunRun | undefined,
  realPieces: readonly { station: number; piece: number; from: number; to: number }[],
  noon: TimerSeconds,
): BoardRun {
  const asked = { from: run.nominal - noon, to: endOf(run) - noon };
  const isAsAsked = begun?.begin === run.nominal && begun.end === endOf(run);
  const pieces = inSlots(
    isAsAsked
      ? realPieces.map(({ station, piece, from, to }) => ({
          station,
          piece,
          from: from - noon,
          to: to - noon,
        }))
      : run.shape.pieces.map(({ station, piece, fromSeconds, toSeconds }) => ({
          station,
          piece,
          from: asked.from + fromSeconds,
          to: asked.from + toSeconds,
        })),
  );
  return {
    key: runKey(run),
    program: run.program.id,
    programOrder: run.program.order,
    startNumber: run.startNumber,
    nominal: run.nominal,
    asked,
    pieces,
    real: begun ? { from: begun.begin - noon, to: begun.end - noon } : null,
    lane: 0,
    lanes: 1,
    slots: 1 + Math.max(0, ...pieces.map((piece) => piece.slot)),
  };
}

/** Gives each piece the highest slot that is free while it is open; pieces are in order of begin. */
function inSlots(pieces: readonly Omit<BoardPiece, 'slot'>[]): BoardPiece[] {
  const freeAt: number[] = [];
  return pieces.map((piece) => {
    const found = freeAt.findIndex((end) => end <= piece.from);
    const slot = found < 0 ? freeAt.length : found;
    freeAt[slot] = piece.to;
    return { ...piece, slot };
  });
}

/** Gives each run the highest lane that is free while it goes; runs that are alone get all the row. */
function inLanes(runs: readonly BoardRun[]): BoardRun[] {
  const placed: BoardRun[] = [];
  let together: BoardRun[] = [];
  let freeAt: number[] = [];
  const closeGroup = () => {
    placed.push(...together.map((run) => ({ ...run, lanes: freeAt.length })));
    together = [];
    freeAt = [];
  };
  for (const run of runs) {
    if (freeAt.every((end) => end <= run.asked.from)) closeGroup();
    const found = freeAt.findIndex((end) => end <= run.asked.from);
    const lane = found < 0 ? freeAt.length : found;
    freeAt[lane] = run.asked.to;
    together.push({ ...run, lane });
  }
  closeGroup();
  return placed;
}

/** The timer's own hours go by its clock, those of the rules by true time and by date. */
function forbiddenIn(
  { timer, controller, rules }: Plan,
  timerNoon: TimerSeconds,
  trueNoon: TimerSeconds,
): NightSpan[] {
  const nightFrom = (noon: TimerSeconds) => ({ from: noon, to: addSeconds(noon, SECONDS_PER_DAY) });
  const inNight = (noon: TimerSeconds) => (span: Span) => ({
    from: Math.max(0, span.from - noon),
    to: Math.min(SECONDS_PER_DAY, span.to - noon),
  });
  const ofTimer = timer.noWaterWindows
    ? hoursWithin(controller.noWater, nightFrom(timerNoon)).map(inNight(timerNoon))
    : [];
  const ofRules = hoursByDateWithin((day) => rulesOfDate(rules, day).noWater, nightFrom(trueNoon));
  return [...ofTimer, ...ofRules.map(inNight(trueNoon))];
}

function sunriseIn({ site }: Plan, day: DayNumber): number | null {
  if (site?.latitude === undefined || site.longitude === undefined || !site.timeZone) return null;
  const second = knownSunrise(addDays(day, 1), site.latitude, site.longitude, site.timeZone);
  return second === null ? null : second + NOON_SECONDS;
}

const HOUR = 3600;
const LEAST_HOURS = 8;

/** Whole hours around all runs; around midnight where there are none. */
function axisOf(nights: readonly BoardNight[]): NightSpan {
  const spans = nights.flatMap(({ runs }) =>
    runs.flatMap(({ asked, real }) => (real ? [asked, real] : [asked])),
  );
  if (spans.length === 0) return { from: 8 * HOUR, to: 20 * HOUR };
  const first = Math.max(0, Math.min(...spans.map((span) => span.from)));
  const last = Math.min(SECONDS_PER_DAY, Math.max(...spans.map((span) => span.to)));
  let from = Math.max(0, Math.floor(first / HOUR - 0.5) * HOUR);
  let to = Math.min(SECONDS_PER_DAY, Math.ceil(last / HOUR + 0.5) * HOUR);
  while (to - from < LEAST_HOURS * HOUR) {
    from = Math.max(0, from - HOUR);
    to = Math.min(SECONDS_PER_DAY, to + HOUR);
  }
  return { from, to };
}

function totalsOf(
  plan: Plan,
  nominal: readonly NominalRun[],
  from: DayNumber,
): Record<string, ProgramTotal> {
  const totals: Record<string, ProgramTotal> = {};
  for (const program of plan.programs) {
    const first = nominal.find((run) => run.program.id === program.id);
    const facts = factsOf(first ? dayOf(first.nominal) : from);
    const { shape, percent } = runAlone(plan, program, facts);
    if (shape.pieces.length > 0)
      totals[program.id] = { lengthSeconds: shape.lengthSeconds, percent };
  }
  return totals;
}
