import { parseTimeOfDay } from '../civil-time/index.js';
import type { Plan, ProgramSettings, StationSettings } from '../settings/index.js';
import { Budget } from './budget.js';
import { dayPredicate, turnPredicate, type DayFacts, type DayPredicate } from './day-predicate.js';
import { dayPattern, turnPattern, type DayPattern } from './all-dates/day-pattern.js';
import { hoursTurns } from './hours-turns.js';
import { runShape, type RunConditions, type RunShape, type StationShare } from './run-shape.js';
import { percentByDate, percentsIn, scaledSeconds } from './season-percent.js';

/** A program ready to be run on any date. */
export interface CompiledProgram {
  readonly id: string;
  /** Place among the timer's programs, from 0. */
  readonly order: number;
  /** The run as it would be alone, at a percentage; it has no pieces where nothing waters. */
  readonly shapeAt: (percent: number) => RunShape;
  /** The percentage in force on a date. */
  readonly percentOn: (facts: Pick<DayFacts, 'day' | 'month'>) => number;
  /** The longest run that there may be in a month, 1 to 12: more than one only where the weather sets the percentage. */
  readonly longestIn: (month: number) => RunShape;
}

/** A start of a program on any of its days. */
export interface CompiledStart {
  readonly program: CompiledProgram;
  /** Place among the program's starts, from 1; an interval in hours has one, at several times of day. */
  readonly startNumber: number;
  readonly secondOfDay: number;
  /** On which dates it comes; the same, and the same pattern, for all starts of a program that go by the same days. */
  readonly watersOn: DayPredicate;
  readonly pattern: DayPattern;
}

export interface CompiledPlan {
  readonly plan: Plan;
  /** The starts of all enabled programs, by time of day, then program, then start number. */
  readonly starts: readonly CompiledStart[];
  /** What is left for all questions about it. */
  readonly budget: Budget;
}

/** Turns a plan's texts and lists into what the engine runs on. The plan must have been read whole. */
export function compilePlan(plan: Plan): CompiledPlan {
  const stations = new Map(plan.stations.map((station) => [station.number, station]));
  const budget = new Budget();
  const starts = plan.programs
    .filter((program) => program.enabled)
    .flatMap((settings) => {
      const program = compileProgram(plan, settings, stations, budget);
      return startsOf(plan, settings).map((start) => ({ ...start, program }));
    });
  starts.sort(
    (a, b) =>
      a.secondOfDay - b.secondOfDay ||
      a.program.order - b.program.order ||
      a.startNumber - b.startNumber,
  );
  return { plan, starts, budget };
}

function startsOf(plan: Plan, settings: ProgramSettings): Omit<CompiledStart, 'program'>[] {
  const { days, starts } = settings;
  if (days.mode === 'hours')
    return hoursTurns(days).map((turn) => ({
      startNumber: 1,
      secondOfDay: turn.secondOfDay,
      watersOn: turnPredicate(turn, plan, settings),
      pattern: turnPattern(turn, plan, settings),
    }));
  const watersOn = dayPredicate(plan, settings);
  const pattern = dayPattern(plan, days, settings);
  return starts.map((start, index) => ({
    startNumber: index + 1,
    secondOfDay: parseTimeOfDay(start)! * 60,
    watersOn,
    pattern,
  }));
}

/** One run of a program alone, on a date, whether it has starts and days or not; and the percentage then. */
export function runAlone(
  plan: Plan,
  settings: ProgramSettings,
  facts: Pick<DayFacts, 'day' | 'month'>,
): { readonly shape: RunShape; readonly percent: number } {
  const program = compiledAlone(plan, settings);
  const percent = program.percentOn(facts);
  return { shape: program.shapeAt(percent), percent };
}

/** A program of a plan as if there were no other. */
export function compiledAlone(plan: Plan, settings: ProgramSettings): CompiledProgram {
  const stations = new Map(plan.stations.map((station) => [station.number, station]));
  return compileProgram(plan, settings, stations, new Budget());
}

function compileProgram(
  plan: Plan,
  settings: ProgramSettings,
  stations: ReadonlyMap<number, StationSettings>,
  budget: Budget,
): CompiledProgram {
  const { timer, controller } = plan;
  const shapes = new Map<number, RunShape>();
  const conditions = {
    policy: timer.cycleSoak?.policy ?? ('in-order' as const),
    slots: Math.min(timer.maxConcurrentStations, settings.concurrent),
    delaySeconds: controller.stationDelaySeconds,
  };
  const fullShares = sharesAtFull(plan, settings, stations);
  const shapeAt = (percent: number): RunShape => {
    let shape = shapes.get(percent);
    if (!shape) {
      const shares = sharesAt(percent, fullShares, timer);
      spendLaying(budget, shares, conditions);
      shape = runShape(shares, conditions);
      shapes.set(percent, shape);
    }
    return shape;
  };
  const longest = new Map<number, RunShape>();
  return {
    id: settings.id,
    order: timer.programs.indexOf(settings.id),
    shapeAt,
    percentOn: percentByDate(plan, settings),
    longestIn: (month) => {
      // What the weather may ask for is the same in every month.
      const key = controller.season.mode === 'monthly' ? month : 0;
      let shape = longest.get(key);
      if (!shape) {
        shape = longestOf(percentsIn(plan, settings, month).map(shapeAt));
        longest.set(key, shape);
      }
      return shape;
    },
  };
}

const longestOf = (shapes: readonly RunShape[]): RunShape =>
  shapes.reduce((longest, shape) =>
    shape.lengthSeconds > longest.lengthSeconds ? shape : longest,
  );

/** Every piece looks for a free slot, and where the first that is ready goes on, among the stations too. */
function spendLaying(
  budget: Budget,
  shares: readonly StationShare[],
  { policy, slots }: RunConditions,
): void {
  const pieces = shares.reduce(
    (sum, { seconds, cycleSeconds }) => sum + Math.ceil(seconds / Math.min(seconds, cycleSeconds)),
    0,
  );
  budget.spend('pieces', pieces);
  budget.spend('looks', pieces * slots * (policy === 'ready-first' ? shares.length : 1));
}

/** The stations that a run of the program opens, in its order, with their times at 100 %. */
function sharesAtFull(
  { timer }: Plan,
  { runs }: ProgramSettings,
  stations: ReadonlyMap<number, StationSettings>,
): StationShare[] {
  const shares: StationShare[] = [];
  for (const { station: number, seconds } of runs) {
    const station = stations.get(number)!;
    if (!station.enabled || seconds === 0) continue;
    const isCut = timer.cycleSoak !== null && station.cycleSeconds !== undefined;
    shares.push({
      station: number,
      seconds,
      cycleSeconds: isCut ? station.cycleSeconds! : Infinity,
      soakSeconds: station.soakSeconds ?? 0,
    });
  }
  return timer.stationOrder === 'number' ? shares.sort((a, b) => a.station - b.station) : shares;
}

function sharesAt(
  percent: number,
  shares: readonly StationShare[],
  { season }: Plan['timer'],
): readonly StationShare[] {
  if (percent === 100 || season === null) return shares;
  if (percent === 0) return [];
  return shares.map(({ station, seconds, cycleSeconds, soakSeconds }) => ({
    station,
    seconds: scaledSeconds(seconds, percent, season.roundToSeconds),
    cycleSeconds,
    soakSeconds,
  }));
}
