import type { DayMode } from '../timer-types/index.js';
import { listInWords } from '../words/index.js';
import { rule } from './finding.js';
import { hasDays } from './situation.js';

const WORDS: Record<DayMode, string> = {
  weekdays: 'weekdays',
  odd: 'odd days',
  even: 'even days',
  interval: 'every so many days',
  hours: 'every so many hours',
};

/** Water days of a kind that the timer does not have. */
export const dayMode = rule('day-mode', 'error', ({ plan }) =>
  plan.programs
    .filter((program) => hasDays(program) && !plan.timer.dayModes.includes(program.days.mode))
    .map(({ id, days }) => ({
      program: id,
      message: `Program ${id} waters on ${WORDS[days.mode]}, which this timer does not have.`,
      fix: `Choose its water days by ${listInWords(plan.timer.dayModes.map((mode) => WORDS[mode])) || 'another timer'}.`,
    })),
);
