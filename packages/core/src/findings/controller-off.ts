import { rule } from './finding.js';

/** The timer is switched off. */
export const controllerOff = rule('controller-off', 'warning', ({ plan }) =>
  plan.controller.off
    ? [
        {
          message: 'The timer is switched off, so nothing waters whatever is set.',
          fix: 'Set the timer to run before leaving.',
        },
      ]
    : [],
);
