import { dayOf, formatDateTime, secondOfDay, startOfDay } from '../civil-time/index.js';
import { firstMeetingOf, simulate, type WaterPiece } from '../engine/index.js';
import { check, findingKey, type Finding, type FindingCode } from '../findings/index.js';
import type { Plan } from '../settings/index.js';
import { DailyNeed } from './brief.js';
import { knownFindings } from './kept-starts.js';
import { DAY, HALF_DAY, LOOK_DAYS, secondOf } from './night.js';
import type { Situation } from './situation.js';

/** What must not be found at headroom either. */
const AT_HEADROOM: ReadonlySet<FindingCode> = new Set([
  'collision',
  'rule-day',
  'rule-hours',
  'mowing-day',
  'late-finish',
  'flow-over',
]);

/**
 * Judges a finished plan by the engine and its findings; gives what is wrong, or null. What is found on
 * kept programs by themselves is not held against it.
 */
export function faultOf(situation: Situation, plan: Plan): string | null {
  const { from, headroom } = situation;
  const known = knownFindings(situation);
  const isNew = (finding: Finding) => !known.has(findingKey(finding));
  const [found] = check(plan, from).filter(
    (finding) => finding.severity !== 'info' && isNew(finding),
  );
  if (found) return `${found.code}: ${found.message}`;
  const misplaced = misplacedPiece(situation, plan) ?? meetingBeside(situation, plan);
  if (misplaced) return misplaced;
  if (headroom === 100) return null;
  const raised: Plan = {
    ...plan,
    controller: { ...plan.controller, season: { mode: 'whole', percent: headroom } },
  };
  const [atHeadroom] = check(raised, from).filter(
    (finding) => AT_HEADROOM.has(finding.code) && isNew(finding),
  );
  if (atHeadroom) return `at ${headroom} %: ${atHeadroom.code}: ${atHeadroom.message}`;
  return misplacedPiece(situation, raised) ?? meetingBeside(situation, raised);
}

/** That what is new on the timer meets another timer of the home, on any date; null where it never does. */
function meetingBeside({ from, standing: { kept, beside } }: Situation, plan: Plan): string | null {
  if (beside.length === 0) return null;
  const stays = new Set(kept?.programs.map(({ id }) => id));
  const programs = plan.programs.filter(({ id }) => !stays.has(id));
  for (const other of beside) {
    const meeting = firstMeetingOf([{ ...plan, programs }, other], from);
    if (meeting)
      return `it overlaps another timer of the home at ${formatDateTime(meeting.b.trueTime)}`;
  }
  return null;
}

function misplacedPiece(situation: Situation, plan: Plan): string | null {
  const jobs = new Map(situation.jobs.map((job) => [job.station.number, job]));
  const { pieces } = simulate(plan, { from: situation.from, days: LOOK_DAYS });
  const runs = new Map<unknown, number>();
  for (const piece of pieces) {
    const job = jobs.get(piece.station);
    if (!job) continue;
    const { station, isExempt } = job;
    if (station.need instanceof DailyNeed) {
      if (!isInSpread(piece, station.need)) return `station ${piece.station} runs outside its day`;
      continue;
    }
    const night = nightOf(piece.from);
    const known = runs.get(piece.run) ?? night;
    runs.set(piece.run, known);
    const begin =
      piece.from - startOfDay(dayOf(piece.from)) - (night === dayOf(piece.from) ? DAY : 0);
    const end = begin + piece.to - piece.from;
    if (known !== night || end > HALF_DAY)
      return `a run of station ${piece.station} spans two nights`;
    if (!isExempt && (begin < situation.night.from || end > situation.night.to))
      return `station ${piece.station} runs outside the night`;
  }
  return null;
}

/** The date on whose evening a night begins. */
const nightOf = (moment: WaterPiece['from']): number =>
  secondOfDay(moment) >= HALF_DAY ? dayOf(moment) : dayOf(moment) - 1;

function isInSpread(piece: WaterPiece, { spread: [from, to] }: DailyNeed): boolean {
  const begin = secondOfDay(piece.from);
  return begin >= secondOf(from) && begin + piece.to - piece.from <= secondOf(to);
}
