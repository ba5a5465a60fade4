import { listInWords } from '../words/index.js';
import { rule } from './finding.js';

/** Days of the month off, on a timer that does not keep them. */
export const monthDayUnsupported = rule('month-day-unsupported', 'error', ({ plan }) => {
  const { monthDaysOff } = plan.controller;
  if (plan.timer.monthDaysOff || monthDaysOff.length === 0) return [];
  const days = [...monthDaysOff].sort((a, b) => a - b).map(String);
  return [
    {
      message: `No watering on day ${listInWords(days)} of the month is set, but this timer has no such setting and waters all the same.`,
      fix: 'Clear these days, and choose water days that avoid them.',
    },
  ];
});
