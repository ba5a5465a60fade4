import {
  asMinuteOfDay,
  asTimerSeconds,
  formatTimeOfDay,
  MINUTES_PER_DAY,
  parseDateTime,
  parseTimeOfDay,
  secondOfDay,
} from '../civil-time/index.js';
import { clockTime } from '../words/index.js';
import { rule } from './finding.js';
import { counting } from './occurrences.js';

/** A start between two of the times that the timer can be set to. */
export const startOffStep = rule('start-off-step', 'error', ({ plan }) => {
  const step = plan.timer.startStepMinutes;
  return plan.programs.flatMap(({ id, days, starts }) => {
    const times =
      days.mode === 'hours'
        ? [secondOfDay(parseDateTime(days.anchor)!)]
        : starts.map((start) => parseTimeOfDay(start)! * SECONDS_A_MINUTE);
    const off = times.filter((second) => second % (step * SECONDS_A_MINUTE) !== 0);
    const [first] = off;
    if (first === undefined) return [];
    const before = Math.floor(first / SECONDS_A_MINUTE / step) * step;
    const after = (before + step) % MINUTES_PER_DAY;
    const counts = days.mode === 'hours' ? ', from which its hours are counted' : '';
    return [
      {
        program: id,
        startNumber: times.indexOf(first) + 1,
        message: `Program ${id} starts at ${clockTime(asTimerSeconds(first))}${counts}, and this timer sets starts in steps of ${step} min.`,
        fix: `Set it to ${formatTimeOfDay(asMinuteOfDay(before))} or ${formatTimeOfDay(asMinuteOfDay(after))}.`,
        ...counting(off.length),
      },
    ];
  });
});

const SECONDS_A_MINUTE = 60;
