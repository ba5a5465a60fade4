import { clockErrorSeconds } from '@water-clock/core/engine';
import { calendarText } from '@water-clock/core/formats';
import { readRange, trueTimeOption } from '../arguments.js';
import { planVerb } from './plans-verb.js';

export const icsVerb = planVerb({
  name: 'ics',
  usage: 'ics FILE --from YYYY-MM-DD --days N [--true-time]',
  summary: 'an iCalendar file, one event for each program run',
  options: { from: { type: 'string' }, days: { type: 'string' }, ...trueTimeOption },
  read: readRange,
  run: (plan, range, options, now) => ({
    exitCode: 0,
    messages: [],
    out: calendarText(plan, range, {
      madeAt: `${now.toISOString().slice(0, 19)}Z`,
      identity: [plan.name, plan.timer.name].filter(Boolean).join(' ') || 'timer',
      moveBackSeconds: options['true-time'] ? clockErrorSeconds(plan.controller) : 0,
    }),
  }),
});
