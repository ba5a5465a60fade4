import { allDatesReport } from '@water-clock/core/engine';
import { readFrom } from '../arguments.js';
import { printed } from '../outcome.js';
import { planVerb } from './plans-verb.js';

export const foreverVerb = planVerb({
  name: 'forever',
  usage: 'forever FILE --from YYYY-MM-DD',
  summary: 'the first collision on any date, and how far the percentage may rise',
  options: { from: { type: 'string' } },
  read: readFrom,
  run: (plan, from) => printed(allDatesReport(plan, from)),
});
