import { parseTimeOfDay } from '../civil-time/index.js';
import type { Plan, ProgramSettings, StationSettings } from '../settings/index.js';
import { dayPredicate, type DayPredicate } from './day-predicate.js';
import { runShape, type RunShape, type StationShare } from './run-shape.js';
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
}

/** Turns a plan's texts and lists into what the engine runs on. The plan must have been read whole. */
export function compilePlan(plan: Plan): CompiledPlan {
  const stations = new Map(plan.stations.map((station) => [station.number, station]));
  const starts = plan.programs
    .filter((program) => program.enabled)
    .flatMap((settings) => {
      const program = compileProgram(plan, settings, stations);
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
  return { plan, starts };
}

function compileProgram(
  plan: Plan,
  settings: ProgramSettings,
  stations: ReadonlyMap<number, StationSettings>,
): CompiledProgram {
  const { timer, controller } = plan;
  const shapes = new Map<number, RunShape>();
  const conditions = {
    policy: timer.cycleSoak?.policy ?? ('in-order' as const),
    slots: Math.min(timer.maxConcurrentStations, settings.concurrent),
    delaySeconds: controller.stationDelaySeconds,
  };
  const shapeAt = (percent: number): RunShape => {
    let shape = shapes.get(percent);
    if (!shape) {
      shape = runShape(stationShares(plan, settings, stations, percent), conditions);
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

function stationShares(
  { timer }: Plan,
  { runs }: ProgramSettings,
  stations: ReadonlyMap<number, StationSettings>,
  percent: number,
): StationShare[] {
  const shares = runs.flatMap(({ station: number, seconds: seconds100 }) => {
    const station = stations.get(number)!;
    const seconds = timer.season
      ? scaledSeconds(seconds100, percent, timer.season.roundToSeconds)
      : seconds100;
    if (!station.enabled || seconds === 0) return [];
    const isCut = timer.cycleSoak !== null && station.cycleSeconds !== undefined;
    return {
      station: number,
      seconds,
      cycleSeconds: isCut ? station.cycleSeconds! : seconds,
      soakSeconds: station.soakSeconds ?? 0,
    };
  });
  return timer.stationOrder === 'number' ? shares.sort((a, b) => a.station - b.station) : shares;
}
