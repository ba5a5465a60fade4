import {
  asMinuteOfDay,
  formatTimeOfDay,
  MINUTES_PER_DAY,
  parseTimeOfDay,
} from '../civil-time/index.js';
import { rule } from './finding.js';
import { counting } from './occurrences.js';

/** A start between two of the times that the timer can be set to. */
export const startOffStep = rule('start-off-step', 'error', ({ plan }) => {
  const step = plan.timer.startStepMinutes;
  return plan.programs.flatMap(({ id, starts }) => {
    const off = starts.filter((start) => parseTimeOfDay(start)! % step !== 0);
    const [first] = off;
    if (first === undefined) return [];
    const before = Math.floor(parseTimeOfDay(first)! / step) * step;
    const after = (before + step) % MINUTES_PER_DAY;
    return [
      {
        program: id,
        startNumber: starts.indexOf(first) + 1,
        message: `Program ${id} starts at ${first}, and this timer sets starts in steps of ${step} min.`,
        fix: `Set it to ${formatTimeOfDay(asMinuteOfDay(before))} or ${formatTimeOfDay(asMinuteOfDay(after))}.`,
        ...counting(off.length),
      },
    ];
  });
});
