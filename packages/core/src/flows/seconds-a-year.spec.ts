import { parseDate } from '../civil-time/index.js';
import { planOf } from '../testing/plans.js';
import { secondsAYear } from './index.js';

it('counts all that a station waters in a year', () => {
  const plan = planOf({
    timer: {},
    stations: [{ number: 1 }, { number: 2 }],
    programs: [
      {
        ...{ id: 'A', starts: ['04:00'], days: { mode: 'weekdays', weekdays: [1, 4] } },
        runs: [{ station: 1, seconds: 600 }],
      },
    ],
  });
  // The year from Thursday 1 January 2026 on has 52 Mondays and 53 Thursdays.
  expect(secondsAYear(plan, parseDate('2026-01-01')!)).toEqual(new Map([[1, 105 * 600]]));
});
