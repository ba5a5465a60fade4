import type { DayRule } from '../settings/index.js';
import type { TimerCapability } from '../timer-types/index.js';
import { rule } from './finding.js';

/** An interval of more days, or hours, than the timer counts. */
export const intervalTooLong = rule('interval-too-long', 'error', ({ plan: { timer, programs } }) =>
  programs.flatMap(({ id, days }) => {
    const interval = lengthOf(days, timer);
    if (!interval || interval.every <= interval.most) return [];
    const { every, most, unit } = interval;
    return [
      {
        program: id,
        message: `Program ${id} waters every ${every} ${unit}, and this timer counts no further than ${most}.`,
        fix: `Water every ${most} ${unit} or more often, or choose another kind of water days.`,
      },
    ];
  }),
);

function lengthOf(days: DayRule, { intervalMaxDays, intervalMaxHours }: TimerCapability) {
  if (days.mode === 'interval')
    return { every: days.everyDays, most: intervalMaxDays, unit: 'days' };
  if (days.mode === 'hours')
    return { every: days.everyHours, most: intervalMaxHours, unit: 'hours' };
  return null;
}
