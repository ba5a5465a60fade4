import fc from 'fast-check';
import { asDayNumber, parseDate } from '../civil-time/index.js';
import { planOf } from '../testing/plans.js';
import { dayPredicate, factsOf } from './day-predicate.js';

const FIRST = parseDate('2026-01-01')!;

/** The dates of 2026 to 2029 on which the program waters, as YYYY-MM-DD. */
function dates(days: unknown, timer = {}, controller = {}, blockedWeekdays: number[] = []) {
  const plan = planOf({ timer, controller, programs: [{ id: 'A', days, blockedWeekdays }] });
  const waters = dayPredicate(plan, plan.programs[0]!);
  return Array.from({ length: 1461 }, (_, offset) => asDayNumber(FIRST + offset))
    .filter((day) => waters(factsOf(day)))
    .map((day) => new Date(day * 86_400_000).toISOString().slice(0, 10));
}

const dayOfMonth = (date: string) => Number(date.slice(8));

it('knows weekdays, Monday first', () => {
  const found = dates({ mode: 'weekdays', weekdays: [1, 7] });
  expect(found.slice(0, 4)).toEqual(['2026-01-04', '2026-01-05', '2026-01-11', '2026-01-12']);
  expect(dates({ mode: 'weekdays', weekdays: [] })).toEqual([]);
});

it('knows odd and even days, and leaves out the 31st and 29 February only where the timer does', () => {
  const odd = dates({ mode: 'odd' });
  expect(odd.every((date) => dayOfMonth(date) % 2 === 1)).toBe(true);
  expect(odd).toEqual(expect.arrayContaining(['2026-01-31', '2028-02-29']));
  const less = dates({ mode: 'odd' }, { skip31: true, skipFeb29: true });
  expect(odd.filter((date) => !less.includes(date))).toEqual(
    odd.filter((date) => date.endsWith('-31') || date === '2028-02-29'),
  );
  const even = dates({ mode: 'even' }, { skip31: true, skipFeb29: true });
  expect(even.length + odd.length).toBe(1461);
});

it('counts an interval from its anchor on, and not before', () => {
  const found = dates({ mode: 'interval', everyDays: 3, anchor: '2026-06-02' });
  expect(found.slice(0, 3)).toEqual(['2026-06-02', '2026-06-05', '2026-06-08']);
});

it('rests on blocked weekdays, and on days of the month where the timer can', () => {
  const rule = { mode: 'weekdays', weekdays: [1, 2, 3, 4, 5, 6, 7] };
  expect(dates(rule, {}, { monthDaysOff: [15] })).toContain('2026-06-15');
  const rested = dates(rule, { monthDaysOff: true }, { monthDaysOff: [15] }, [6]);
  expect(rested).not.toContain('2026-06-15');
  expect(rested).not.toContain('2026-06-06');
  expect(rested).toContain('2026-06-07');
});

it('puts an interval day off until the next free day, and counts on from the anchor', () => {
  const rule = { mode: 'interval', everyDays: 7, anchor: '2026-06-05' };
  const found = dates(rule, { blockedDay: 'defer' }, {}, [5, 6, 7]);
  expect(found.slice(0, 3)).toEqual(['2026-06-08', '2026-06-15', '2026-06-22']);
  expect(dates(rule, { blockedDay: 'skip' }, {}, [5, 6, 7])).toEqual([]);
});

it('puts off by one date for each interval day whose next free day no other day has', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 31 }),
      fc.uniqueArray(fc.integer({ min: 1, max: 7 }), { maxLength: 6 }),
      (everyDays, blocked) => {
        const rule = { mode: 'interval', everyDays, anchor: '2026-01-05' };
        const wanted = new Set<string>();
        const last = Date.parse('2029-12-31');
        for (let at = Date.parse('2026-01-05'); at <= last; at += everyDays * 86_400_000) {
          let free = at;
          while (blocked.includes(new Date(free).getUTCDay() || 7)) free += 86_400_000;
          if (free <= last) wanted.add(new Date(free).toISOString().slice(0, 10));
        }
        expect(dates(rule, { blockedDay: 'defer' }, {}, blocked)).toEqual([...wanted].sort());
      },
    ),
    { numRuns: 40 },
  );
});
