import { addSeconds, formatDateTime, parseDateTime, type DayNumber } from '../civil-time/index.js';
import {
  BETWEEN_TIMERS_SECONDS,
  clocksMayDriftSeconds,
  firstMeetingOf,
  together,
} from '../engine/index.js';
import { check, outlook, WATCHED_DAYS, type NamedTimer } from '../findings/index.js';
import {
  movedTime,
  programOf,
  setProgram,
  type Plan,
  type ProgramSettings,
} from '../settings/index.js';
import { fixPreview, type FixPreview } from './fix-preview.js';

/** Farther than this nothing is moved: the night would be a day. */
const FARTHEST_MINUTES = 12 * 60;

/**
 * The nearest move of one timer's program, or else of all its programs, after which its runs meet those of no other
 * timer of the home on any date, nor comes nearer than five minutes, and no run of its own; none where there is no such move.
 * @throws TooMuchToWorkOut
 */
export function apartFromOthers(
  timers: readonly NamedTimer[],
  place: number,
  from: DayNumber,
): FixPreview[] {
  const { plan } = timers[place]!;
  const others = timers.filter((_, at) => at !== place).map((timer) => timer.plan);
  const meetings = others.flatMap((other) => firstMeetingOf([plan, other], from) ?? []);
  const isOver = (plans: readonly Plan[]) =>
    together(plans, { from, days: WATCHED_DAYS }).firstFlowOver !== null;
  if (meetings.length === 0) return [];
  // What the others, or this one alone, take too much is not mended by moving it.
  const isOverAnyway = isOver(others) || isOver([plan]);
  const programs = [...new Set(meetings.map(({ a, b }) => (a.timer === 0 ? a : b).run.program.id))];
  const isApart = (moved: Plan) =>
    others.every((other) => {
      const both = [moved, other];
      if (firstMeetingOf(both, from)) return false;
      const gapSeconds = clocksMayDriftSeconds(both, from);
      return gapSeconds === null || gapSeconds >= BETWEEN_TIMERS_SECONDS;
    });
  const mayCollide = outlook(plan, from).first !== null;
  const all = plan.programs.map(({ id }) => id);
  const choices = programs.length === all.length ? [all] : [programs, all];
  for (const ids of choices)
    for (const minutes of nearestFirst(plan.timer.startStepMinutes)) {
      const moved = ids.reduce((so, id) => movedBy(so, id, minutes), plan);
      if (!isApart(moved) || (!mayCollide && outlook(moved, from).first !== null)) continue;
      // Runs that are late may meet all the same.
      if (!isOverAnyway && isOver([moved, ...others])) continue;
      const label = labelOf(moved, ids, minutes);
      return [fixPreview({ label, plan: moved }, check(plan, from), from)];
    }
  return [];
}

function nearestFirst(stepMinutes: number): number[] {
  const steps = Math.floor(FARTHEST_MINUTES / stepMinutes);
  return Array.from({ length: steps }, (_, index) => (index + 1) * stepMinutes).flatMap(
    (minutes) => [minutes, -minutes],
  );
}

const movedBy = (plan: Plan, id: string, minutes: number): Plan => {
  const { starts, days } = programOf(plan, id);
  if (days.mode !== 'hours')
    return setProgram(id, { starts: starts.map((start) => movedTime(start, minutes)) })(plan);
  const anchor = formatDateTime(addSeconds(parseDateTime(days.anchor)!, minutes * 60));
  return setProgram(id, { days: { ...days, anchor } })(plan);
};

function labelOf(moved: Plan, ids: readonly string[], minutes: number): string {
  const by = `${minutes > 0 ? 'later' : 'earlier'} by ${Math.abs(minutes)} min`;
  const [only, ...more] = ids;
  if (only === undefined || more.length > 0) return `Move all programs ${by}`;
  const program = programOf(moved, only);
  return `Move program ${only} ${by}${startsWords(program)}`;
}

const startsWords = ({ days, starts }: ProgramSettings): string =>
  days.mode === 'hours' || starts.length !== 1 ? '' : `, to ${starts[0]!}`;
