import type { ProgramSettings } from '../settings/index.js';
import { daysLong, listInWords } from '../words/index.js';
import { rule, type FindingFacts } from './finding.js';
import { startsByTime } from './situation.js';

/** A program that waters several times a day, clear of itself: meant, or a forgotten start. */
export const repeats = rule('repeats', 'info', ({ complete, allDates }) => {
  const collidesWithItself = new Set(
    allDates.collisions
      .filter(({ a, b }) => a.program.id === b.program.id)
      .map(({ a }) => a.program.id),
  );
  return complete
    .filter((program) => comesBack(program) && !collidesWithItself.has(program.id))
    .filter(({ id }) => allDates.waters(id))
    .map((program) => ({
      program: program.id,
      ...told(program),
    }));
});

const HOURS_A_DAY = 24;

const comesBack = ({ days, starts }: ProgramSettings): boolean =>
  days.mode === 'hours' ? days.everyHours < HOURS_A_DAY : starts.length >= 2;

function told(program: ProgramSettings): Pick<FindingFacts, 'message' | 'fix'> {
  const { id, days, starts } = program;
  if (days.mode === 'hours')
    return {
      message: `Program ${id} waters ${daysLong(days, [])}: several times a day.`,
      fix: `Leave it so if it is meant; count days, not hours, if program ${id} is to water once.`,
    };
  return {
    message: `Program ${id} waters ${starts.length} times on each of its days, at ${listInWords(startsByTime(program))}.`,
    fix: `Leave it so if it is meant; drop a start of program ${id} if it was forgotten.`,
  };
}
