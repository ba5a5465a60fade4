import { addDays, dayOf, parseDate, parseDateTime, type DayNumber } from '../civil-time/index.js';
import { percentsIn } from '../engine/index.js';
import type { DayRule, ProgramSettings } from '../settings/index.js';
import { nearDate } from '../words/index.js';
import { rule } from './finding.js';
import { timedRuns, type Situation } from './situation.js';

/** How many dates a program may let go by. */
const PATIENCE_DAYS = 400;

/** A program that has all it needs, and still no date on which anything opens. */
export const neverWaters = rule('never-waters', 'error', (situation) =>
  situation.complete
    .filter((program) => situation.firstWatering(program, PATIENCE_DAYS) === null)
    .map((program) => {
      const last = addDays(situation.from, PATIENCE_DAYS - 1);
      const [why, fix] = reason(program, situation);
      return {
        program: program.id,
        message: `Program ${program.id} is set but waters on no date up to ${nearDate(last, situation.from)}: ${why}.`,
        fix,
      };
    }),
);

/** The date from which a rule counts; null for a rule that counts nothing. */
function anchorOf(days: DayRule): DayNumber | null {
  if (days.mode === 'interval') return parseDate(days.anchor);
  return days.mode === 'hours' ? dayOf(parseDateTime(days.anchor)!) : null;
}

function reason(program: ProgramSettings, situation: Situation): [string, string] {
  const { id, days } = program;
  const { plan, from } = situation;
  if (timedRuns(program).every(({ station }) => !situation.station(station).enabled))
    return [
      'all its stations are switched off',
      `Switch a station of program ${id} on, or clear the program.`,
    ];
  const months = Array.from({ length: 12 }, (_, month) => month + 1);
  const isZero = (month: number) =>
    percentsIn(plan, program, month).every((percent) => percent === 0);
  if (plan.timer.season && months.every(isZero))
    return ['its season percentage is 0 %', 'Set the season percentage above 0 %.'];
  const anchor = anchorOf(days);
  if (anchor !== null && anchor > from)
    return [
      `its count begins only on ${nearDate(anchor, from)}`,
      `Count program ${id} from a date that is near.`,
    ];
  return [
    'its water days, its days off and its percentage together leave none',
    `Choose other water days for program ${id}, or fewer days off.`,
  ];
}
