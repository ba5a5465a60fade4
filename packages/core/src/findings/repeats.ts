import { listInWords } from '../words/index.js';
import { rule } from './finding.js';
import { startsByTime } from './situation.js';

/** A program that waters several times a day, clear of itself: meant, or a forgotten start. */
export const repeats = rule('repeats', 'info', ({ complete, allDates }) => {
  const collidesWithItself = new Set(
    allDates.collisions
      .filter(({ a, b }) => a.program.id === b.program.id)
      .map(({ a }) => a.program.id),
  );
  return complete
    .filter(({ id, starts }) => starts.length >= 2 && !collidesWithItself.has(id))
    .filter(({ id }) => allDates.waters(id))
    .map((program) => ({
      program: program.id,
      message: `Program ${program.id} waters ${program.starts.length} times on each of its days, at ${listInWords(startsByTime(program))}.`,
      fix: `Leave it so if it is meant; drop a start of program ${program.id} if it was forgotten.`,
    }));
});
