import { addDays, parseDate } from '../civil-time/index.js';
import { planOf } from '../testing/plans.js';
import { PLAN_FORMAT, rulesOfDate, rulesOver } from './index.js';

const day = (text: string) => parseDate(text)!;

const rulesOf = (rules: object) =>
  planOf({ format: PLAN_FORMAT, timer: {}, stations: [], programs: [], rules }).rules;

const over = (rules: object, from = '2026-06-20', until = '2026-07-10') =>
  rulesOver(rulesOf(rules), { from: day(from), until: day(until) });

const july = (rules: object) => [{ from: '2026-07-01', to: '2026-07-31', ...rules }];

it('are those of a date where only one stretch of rules holds', () => {
  const rules = {
    weekdays: [1, 4],
    mowingWeekdays: [6],
    finishBy: '06:00',
    periods: july({ weekdays: [2], noWater: [{ from: '10:00', to: '18:00' }] }),
  };
  expect(over(rules, '2026-06-20', '2026-06-30')).toEqual({
    weekdays: [1, 4],
    noWater: [],
    finishBy: '06:00',
    exempt: [],
    mowingWeekdays: [6],
    headroomPercent: 120,
  });
  expect(over(rules, '2026-07-01', '2026-07-31')).toMatchObject({
    weekdays: [2],
    noWater: [expect.objectContaining({ from: '10:00' })],
    mowingWeekdays: [6],
  });
});

it('allow only what is allowed on every date, and forbid what is forbidden on one', () => {
  const hours = (from: string) => ({ from, to: '18:00' });
  const both = over({
    weekdays: [1, 3, 5],
    noWater: [hours('10:00')],
    exempt: ['drip', 'rotor'],
    periods: july({ weekdays: [2, 3], noWater: [hours('09:00')], exempt: ['rotor', 'spray'] }),
  });
  expect(both.weekdays).toEqual([3]);
  expect(both.noWater.map(({ from }) => from)).toEqual(['10:00', '09:00']);
  expect(both.exempt).toEqual(['rotor']);
});

it('take a limit from whichever has one, on both sides of the change', () => {
  const strict = { weekdays: [2], dateParity: 'odd', finishBy: '05:00' };
  const comes = over({ periods: july(strict) });
  const goes = over({ ...strict, periods: july({}) });
  for (const both of [comes, goes]) expect(both).toMatchObject(strict);
});

it('leave no date where one half wants odd dates and the other even ones', () => {
  expect(over({ dateParity: 'odd', periods: july({ dateParity: 'even' }) }).weekdays).toEqual([]);
  expect(over({ dateParity: 'odd', periods: july({ dateParity: 'odd' }) })).toMatchObject({
    dateParity: 'odd',
  });
});

it.each([
  ['05:00', '06:00', '05:00'],
  ['22:00', '05:00', '22:00'],
  ['05:00', '22:00', '22:00'],
  ['22:00', '23:00', '22:00'],
  ['12:00', '05:00', '05:00'],
  ['12:00', '22:00', '22:00'],
])('of nights that end by %s and by %s the earlier counts: %s', (one, other, earlier) => {
  expect(over({ finishBy: one, periods: july({ finishBy: other }) }).finishBy).toBe(earlier);
});

it('are none where there are none', () => {
  expect(
    rulesOver(undefined, { from: day('2026-06-01'), until: addDays(day('2026-06-01'), 30) }),
  ).toEqual({ noWater: [], exempt: [], mowingWeekdays: [], headroomPercent: 120 });
  expect(rulesOfDate(undefined, day('2026-06-01'))).toEqual({ noWater: [], exempt: [] });
});
