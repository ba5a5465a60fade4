import {
  addDays,
  addSeconds,
  dayOf,
  formatDateTime,
  parseTimeOfDay,
  secondOfDay,
  SECONDS_PER_DAY,
  startOfDay,
  type DayNumber,
  type TimerSeconds,
} from '../civil-time/index.js';
import type { BegunRun, WaterPiece } from '../engine/index.js';
import { clockTime, lengthInWords, longDate } from '../words/index.js';
import { rule } from './finding.js';
import { counting } from './occurrences.js';
import { ruleWords } from './place-words.js';
import { lastEnds } from './run-ends.js';
import type { Situation } from './situation.js';

interface Late {
  readonly run: BegunRun;
  readonly end: TimerSeconds;
  /** When its night was to be over. */
  readonly over: TimerSeconds;
  count: number;
}

/** A run that is still on when the night is to be over. */
export const lateFinish = rule('late-finish', 'warning', (situation) => {
  const isBound = ({ station, run }: WaterPiece) =>
    !situation.isExempt(station, nightOf(run.begin)) && situation.station(station).plant !== 'seed';
  const late = new Map<string, Late>();
  for (const { run, end } of lastEnds(situation.watering.pieces, isBound)) {
    const over = nightOver(situation, run);
    if (over === null || end <= over) continue;
    const known = late.get(run.program.id);
    if (known) known.count += 1;
    else late.set(run.program.id, { run, end, over, count: 1 });
  }
  return [...late].map(([program, { run, end, over, count }]) => ({
    program,
    startNumber: run.startNumber,
    message: ruleWords(
      situation,
      nightOf(run.begin),
      `program ${program}, begun at ${clockTime(run.begin)} on ${longDate(dayOf(run.begin))}, waters until ${clockTime(end)}; it is to finish by ${clockTime(over)}.`,
    ),
    fix: `Start program ${program} ${lengthInWords(end - over)} earlier, or shorten its run times.`,
    first: formatDateTime(run.nominal),
    ...counting(count),
  }));
});

/** When the night of a run is to be over, or null where no rule says so. */
export function nightOver(situation: Situation, { begin }: BegunRun): TimerSeconds | null {
  const night = nightOf(begin);
  const { finishBy } = situation.rulesOn(night);
  if (finishBy === undefined) return null;
  return addSeconds(startOfDay(night), parseTimeOfDay(finishBy)! * 60);
}

/** The date on which the night of a run ends: from noon on it is the next day's. */
function nightOf(begin: TimerSeconds): DayNumber {
  const isMorning = secondOfDay(begin) < SECONDS_PER_DAY / 2;
  return addDays(dayOf(begin), isMorning ? 0 : 1);
}
