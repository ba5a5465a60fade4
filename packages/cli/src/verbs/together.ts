import { togetherReport } from '@water-clock/core/engine';
import { readRange } from '../arguments.js';
import { printed, refused } from '../outcome.js';
import { plansVerb } from './plans-verb.js';

const USAGE = 'together A.json B.json … --from YYYY-MM-DD [--days N]';
const USUAL_DAYS = '60';

export const togetherVerb = plansVerb({
  name: 'together',
  usage: USAGE,
  summary:
    'timers on one supply: the first overlap on any date, and when they take too much, in true time',
  options: { from: { type: 'string' }, days: { type: 'string' } },
  read: (options) => readRange({ days: USUAL_DAYS, ...options }),
  run: (plans, range) =>
    plans.length < 2
      ? refused([`water-clock: give two plan files or more: ${USAGE}`])
      : printed(
          togetherReport(
            plans.map(({ plan }) => plan),
            range,
          ),
        ),
});
