import type { PlanEdit } from '../settings/index.js';
import type { Change, Draft } from './draft.js';
import { editProgram } from './edit-program.js';
import type { RunUnit } from './unit.js';

/** So many lengths of a station are looked at, the nearest ones and the outermost. */
const MOST_LENGTHS = 24;

/** How long a program may water a station: not at all, or as long as keeps the station's water. */
export function runTimes(unit: RunUnit, draft: Draft): Change[] {
  const { program, station } = unit;
  const { plan, waterings, bands } = draft;
  const { runs, enabled } = plan.programs[program]!;
  const was = runs.find((run) => run.station === station)?.seconds ?? 0;
  const aWeek = enabled ? waterings.ofProgram(program) : 0;
  const changes: Change[] = [];
  const add = (seconds: number) =>
    changes.push({
      unit,
      to: seconds,
      disturbance: (Math.abs(seconds - was) / 60) * aWeek,
      edit: editRun(program, station, seconds),
    });
  if (was > 0) add(0);
  if (aWeek === 0) return changes;
  const { least, most } = bands.of(station);
  const others = waterings.secondsOf(station, program);
  const { minSeconds, maxSeconds, stepSeconds } = plan.timer.runTime;
  const low = Math.max(minSeconds, stepSeconds, (least - others) / aWeek);
  const high = Math.min(maxSeconds, (most - others) / aWeek);
  const lengths: number[] = [];
  for (
    let seconds = Math.ceil(low / stepSeconds) * stepSeconds;
    seconds <= high && lengths.length < MOST_STEPS;
    seconds += stepSeconds
  )
    if (seconds !== was) lengths.push(seconds);
  thinned(lengths, was).forEach(add);
  return changes;
}

const MOST_STEPS = 5000;

/** The nearest to what is set, and some of the others, evenly. */
function thinned(lengths: readonly number[], was: number): number[] {
  const nearest = [...lengths].sort((a, b) => Math.abs(a - was) - Math.abs(b - was));
  if (nearest.length <= MOST_LENGTHS) return nearest;
  const half = MOST_LENGTHS / 2;
  const rest = nearest.slice(half);
  const every = rest.length / half;
  return [
    ...nearest.slice(0, half),
    ...Array.from({ length: half }, (_, at) => rest[Math.floor(at * every)]!),
    rest.at(-1)!,
  ];
}

const editRun =
  (program: number, station: number, seconds: number): PlanEdit =>
  (plan) => {
    const { runs } = plan.programs[program]!;
    const isListed = runs.some((run) => run.station === station);
    return editProgram(program, {
      runs: isListed
        ? runs.map((run) => (run.station === station ? { ...run, seconds } : run))
        : [...runs, { station, seconds }],
    })(plan);
  };
