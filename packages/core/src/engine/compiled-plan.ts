import { parseTimeOfDay } from '../civil-time/index.js';
import type { Plan, ProgramSettings, StationSettings } from '../settings/index.js';
import { Budget } from './budget.js';
import { dayPredicate, type DayPredicate } from './day-predicate.js';
import { runShape, type RunConditions, type RunShape, type StationShare } from './run-shape.js';
import { percentInForce, scaledSeconds } from './season-percent.js';

/** A program ready to be run on any date. */
export interface CompiledProgram {
  readonly id: string;
  /** Place among the timer's programs, from 0. */
  readonly order: number;
  readonly watersOn: DayPredicate;
  /** The run as it would be alone, at a percentage; it has no pieces where nothing waters. */
  readonly shapeAt: (percent: number) => RunShape;
  readonly percentInMonth: (month: number) => number;
}

/** A start of a program on any of its days. */
export interface CompiledStart {
  readonly program: CompiledProgram;
  /** Place among the program's starts, from 1. */
  readonly startNumber: number;
  readonly secondOfDay: number;
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
      return settings.starts.map((start, index) => ({
        program,
        startNumber: index + 1,
        secondOfDay: parseTimeOfDay(start)! * 60,
      }));
    });
  starts.sort(
    (a, b) =>
      a.secondOfDay - b.secondOfDay ||
      a.program.order - b.program.order ||
      a.startNumber - b.startNumber,
  );
  return { plan, starts, budget };
}

/** One run of a program alone, in a month, whether it has starts and days or not; and the percentage then. */
export function runAlone(
  plan: Plan,
  settings: ProgramSettings,
  month: number,
): { readonly shape: RunShape; readonly percent: number } {
  const stations = new Map(plan.stations.map((station) => [station.number, station]));
  const program = compileProgram(plan, settings, stations, new Budget());
  const percent = program.percentInMonth(month);
  return { shape: program.shapeAt(percent), percent };
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
  return {
    id: settings.id,
    order: timer.programs.indexOf(settings.id),
    watersOn: dayPredicate(plan, settings),
    shapeAt,
    percentInMonth: (month) => percentInForce(controller.season, settings, month),
  };
}

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
