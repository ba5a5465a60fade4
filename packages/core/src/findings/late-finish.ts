import {
  addDays,
  addSeconds,
  dayOf,
  formatDateTime,
  parseTimeOfDay,
  secondOfDay,
  SECONDS_PER_DAY,
  startOfDay,
  type TimerSeconds,
} from '../civil-time/index.js';
import type { BegunRun } from '../engine/index.js';
import { clockTime, lengthInWords, longDate } from '../words/index.js';
import { rule } from './finding.js';
import { counting } from './occurrences.js';
import { lastEnds } from './run-ends.js';

/** A run that is still on when the night is to be over. */
export const lateFinish = rule('late-finish', 'warning', (situation) => {
  const { finishBy } = situation.rules;
  if (finishBy === undefined) return [];
  const finishSecond = parseTimeOfDay(finishBy)! * 60;
  const isBound = (station: number) =>
    !situation.isExempt(station) && situation.station(station).plant !== 'seed';
  const late = new Map<string, { run: BegunRun; end: TimerSeconds; count: number }>();
  for (const { run, end } of lastEnds(situation.watering.pieces, isBound)) {
    if (end <= nightEnd(run.begin, finishSecond)) continue;
    const known = late.get(run.program.id);
    if (known) known.count += 1;
    else late.set(run.program.id, { run, end, count: 1 });
  }
  return [...late].map(([program, { run, end, count }]) => ({
    program,
    startNumber: run.startNumber,
    message: `Program ${program}, begun at ${clockTime(run.begin)} on ${longDate(dayOf(run.begin))}, waters until ${clockTime(end)}; it is to be over by ${finishBy}.`,
    fix: `Start program ${program} ${lengthInWords(end - nightEnd(run.begin, finishSecond))} earlier, or shorten its run times.`,
    first: formatDateTime(run.nominal),
    ...counting(count),
  }));
});

/** When the night is to be over to which a run belongs: from noon on it is the next day's. */
function nightEnd(begin: TimerSeconds, finishSecond: number): TimerSeconds {
  const isMorning = secondOfDay(begin) < SECONDS_PER_DAY / 2;
  return addSeconds(startOfDay(addDays(dayOf(begin), isMorning ? 0 : 1)), finishSecond);
}
