import { rule } from './finding.js';

/** An interval of more days than the timer counts. */
export const intervalTooLong = rule('interval-too-long', 'error', ({ plan }) => {
  const most = plan.timer.intervalMaxDays;
  return plan.programs.flatMap(({ id, days }) =>
    days.mode === 'interval' && days.everyDays > most
      ? [
          {
            program: id,
            message: `Program ${id} waters every ${days.everyDays} days, and this timer counts no further than ${most}.`,
            fix: `Water every ${most} days or more often, or choose another kind of water days.`,
          },
        ]
      : [],
  );
});
