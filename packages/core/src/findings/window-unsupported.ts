import { rule } from './finding.js';

/** Hours without watering, on a timer that does not keep them. */
export const windowUnsupported = rule('window-unsupported', 'error', ({ plan }) => {
  const [first] = plan.controller.noWater;
  if (plan.timer.noWaterWindows || !first) return [];
  return [
    {
      message: `Hours without watering are set (${first.from} to ${first.to}), but this timer has no such setting and waters through them.`,
      fix: 'Drop the hours, and choose starts that keep clear of them.',
    },
  ];
});
