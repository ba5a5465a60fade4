import {
  addDays,
  asMinuteOfDay,
  formatDate,
  formatTimeOfDay,
  parseDate,
  parseTimeOfDay,
  type DayNumber,
} from '../../civil-time/index.js';
import { check } from '../../findings/index.js';
import { planBrief, readBrief } from '../../planner/index.js';
import { drawFrom, randomBrief, type Draw } from '../../planner/testing/random-brief.js';
import { readPlan, type Plan, type ProgramSettings } from '../../settings/index.js';
import { HANDED_ON } from '../handed-on.js';
import { judge, unitsChanged } from './judge.js';

export interface BrokenHome {
  readonly plan: Plan;
  readonly from: DayNumber;
  /** So many changes are known to do: those that undo what was done. */
  readonly known: number;
  /** What was done to it. */
  readonly about: string;
}

interface Breaking {
  readonly about: string;
  readonly plan: Plan;
}

type Breaker = (plan: Plan, draw: Draw) => Breaking | null;

const isSound = (plan: Plan, from: DayNumber): boolean =>
  check(plan, from).every(({ code, severity }) => severity === 'info' || HANDED_ON.has(code));

/** A home whose settings are sound, broken in one to three places as people break them; null where the draw has none. */
export function brokenHome(seed: number, stations = 24): BrokenHome | null {
  const draw = drawFrom(seed);
  const { document } = randomBrief(draw, { stations, isCoarse: false });
  const brief = readBrief(document);
  if (!brief.ok) throw new Error(JSON.stringify(brief.trouble));
  let looks = 0;
  const answer = planBrief(document, brief.value, { now: () => looks++ / 20, withNearest: false });
  if (!answer.feasible) return null;
  const read = readPlan(JSON.parse(JSON.stringify(answer.document)));
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  const from = parseDate('2026-06-01')!;
  if (!isSound(read.value, from)) return null;
  const places = 1 + draw(3);
  let plan = read.value;
  const about: string[] = [];
  const left = [...BREAKERS];
  while (about.length < places && left.length > 0) {
    const [breaker] = left.splice(draw(left.length), 1);
    const broken = breaker!(plan, draw);
    // What does no harm, or hides what was broken before, breaks nothing.
    if (!broken || isSound(broken.plan, from)) continue;
    plan = broken.plan;
    about.push(broken.about);
  }
  // To undo what was done is a way only where it keeps the water as the contract measures it.
  const known = unitsChanged(plan, read.value).length;
  if (about.length === 0 || judge(plan, from, read.value, known).length > 0) return null;
  return { plan, from, known, about: about.join('; ') };
}

const edited = (plan: Plan, id: string, fields: Partial<ProgramSettings>): Plan => ({
  ...plan,
  programs: plan.programs.map((program) =>
    program.id === id ? { ...program, ...fields } : program,
  ),
});

const pick = <Value>(draw: Draw, from: readonly Value[]): Value | undefined =>
  from.length === 0 ? undefined : from[draw(from.length)];

const timed = ({ runs }: ProgramSettings) => runs.filter(({ seconds }) => seconds > 0);
const watering = ({ programs }: Plan) =>
  programs.filter((program) => program.enabled && program.starts.length > 0);

const BREAKERS: readonly Breaker[] = [
  (plan, draw) => {
    const [program, other] = [pick(draw, watering(plan)), pick(draw, watering(plan))];
    if (!program || !other || program === other) return null;
    const step = plan.timer.startStepMinutes;
    const minute = parseTimeOfDay(other.starts[0]!)! + step * draw(Math.ceil(30 / step));
    const start = formatTimeOfDay(asMinuteOfDay(minute % 1440));
    return {
      about: `start of ${program.id} moved to ${start}`,
      plan: edited(plan, program.id, { starts: program.starts.with(0, start) }),
    };
  },
  (plan, draw) => {
    const program = pick(
      draw,
      watering(plan).filter((one) => {
        const count = timed(one).length;
        return one.starts.length === 1 && count >= 2 && count <= plan.timer.startsPerProgram;
      }),
    );
    if (!program) return null;
    const count = Math.min(timed(program).length, 4);
    if (count !== timed(program).length) return null;
    const first = parseTimeOfDay(program.starts[0]!)!;
    const starts = Array.from({ length: count }, (_, at) =>
      formatTimeOfDay(asMinuteOfDay((first + at * plan.timer.startStepMinutes) % 1440)),
    );
    return {
      about: `a start for each of ${count} stations of ${program.id}`,
      plan: edited(plan, program.id, { starts }),
    };
  },
  (plan) => {
    const { season } = plan.timer;
    if (!season || plan.controller.season.mode !== 'whole') return null;
    const controller = {
      ...plan.controller,
      season: { mode: 'whole' as const, percent: season.maxPercent },
    };
    return { about: 'percentage raised', plan: { ...plan, controller } };
  },
  (plan, draw) => {
    const program = pick(
      draw,
      watering(plan).filter(({ days }) => days.mode === 'weekdays'),
    );
    const [mowing] = plan.rules?.mowingWeekdays ?? [];
    if (program?.days.mode !== 'weekdays' || mowing === undefined) return null;
    if (program.days.weekdays.length === 0) return null;
    const weekdays = program.days.weekdays.with(draw(program.days.weekdays.length), mowing);
    return {
      about: `a weekday of ${program.id} moved to the mowing day`,
      plan: edited(plan, program.id, { days: { mode: 'weekdays', weekdays } }),
    };
  },
  (plan, draw) => {
    const [from, to] = [pick(draw, watering(plan)), pick(draw, watering(plan))];
    const run = from && pick(draw, timed(from));
    if (!run || !to || from === to || to.runs.some(({ station }) => station === run.station))
      return null;
    return {
      about: `station ${run.station} left over in ${to.id}`,
      plan: edited(plan, to.id, { runs: [...to.runs, run] }),
    };
  },
  (plan, draw) => {
    const station = pick(
      draw,
      plan.stations.filter(({ soakSeconds }) => soakSeconds !== undefined && soakSeconds > 0),
    );
    if (!station) return null;
    const stations = plan.stations.map((one) =>
      one === station ? { ...one, soakSeconds: 0 } : one,
    );
    return {
      about: `soak of ${station.number} forgotten`,
      plan: { ...plan, stations },
    };
  },
  (plan, draw) => {
    const program = pick(
      draw,
      watering(plan).filter(({ days }) => days.mode === 'interval'),
    );
    if (program?.days.mode !== 'interval') return null;
    const anchor = formatDate(addDays(parseDate(program.days.anchor)!, 1 + draw(3)));
    return {
      about: `interval of ${program.id} drifted`,
      plan: edited(plan, program.id, { days: { ...program.days, anchor } }),
    };
  },
  (plan, draw) => {
    const program = pick(
      draw,
      watering(plan).filter(({ starts }) => starts.length === 1),
    );
    if (!program) return null;
    return {
      about: `start of ${program.id} lost`,
      plan: edited(plan, program.id, { starts: [] }),
    };
  },
  (plan, draw) => {
    const station = pick(
      draw,
      plan.stations.filter(
        ({ cycleSeconds, runoffSeconds }) =>
          cycleSeconds !== undefined && runoffSeconds !== undefined,
      ),
    );
    if (!station) return null;
    const cycleSeconds = Math.round(station.runoffSeconds! * 1.4);
    const stations = plan.stations.map((one) => (one === station ? { ...one, cycleSeconds } : one));
    return {
      about: `cycle of ${station.number} too long`,
      plan: { ...plan, stations },
    };
  },
  (plan, draw) => {
    const program = pick(
      draw,
      watering(plan).filter(({ days }) => days.mode === 'weekdays'),
    );
    if (!program) return null;
    return {
      about: `days of ${program.id} lost`,
      plan: edited(plan, program.id, { days: { mode: 'weekdays', weekdays: [] } }),
    };
  },
];
