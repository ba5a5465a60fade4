import { parseDate } from '@water-clock/core/civil-time';
import { testPlan } from '../testing/plans';
import { deskModel } from '../computing/desk-model';
import { hasError, verdict } from './verdict';

const FROM = parseDate('2026-06-01')!;
const modelOf = (plan = testPlan()) =>
  deskModel(plan, { night: FROM, since: FROM, isTrueTime: false });

it('names the first collision, how many more, and how far the percentage may rise', () => {
  const model = modelOf();
  expect(verdict(model)).toBe(
    'Two runs collide: first Thu 4 June, 04:00, 20 min, and 1 more in these 14 nights. Clear up to 60 %.',
  );
  expect(hasError(model)).toBe(true);
});

it('says so when nothing waters', () => {
  expect(verdict(modelOf(testPlan({ programs: [] })))).toMatch(
    /^Nothing waters in these 14 nights, up to the night of Sun 14 June/,
  );
});

it('says so when no two runs ever overlap', () => {
  const apart = testPlan();
  apart.programs[1]!.starts = ['05:00'];
  const model = modelOf(apart);
  expect(verdict(model)).toBe('No two runs ever overlap, on any date. Clear up to 150 %.');
  expect(hasError(model)).toBe(false);
});

it('names a collision that comes after the nights shown', () => {
  const later = testPlan({
    programs: [
      {
        id: 'A',
        starts: ['03:30'],
        days: { mode: 'interval', everyDays: 31, anchor: '2026-06-02' },
        runs: [{ station: 1, seconds: 3600 }],
      },
      {
        id: 'B',
        starts: ['04:00'],
        days: { mode: 'interval', everyDays: 30, anchor: '2026-06-03' },
        runs: [{ station: 2, seconds: 3600 }],
      },
    ],
  });
  // 31 x = 30 y + 1 first holds for x = y = 1: 31 days after 2 June.
  expect(verdict(modelOf(later))).toBe(
    'Clear in these 14 nights, but two runs collide on Fri 3 July 2026, 04:00, 30 min. Clear up to 50 %.',
  );
});

it('counts the errors that are no collisions, the clock by name', () => {
  const wrong = testPlan({
    controller: { clock: { timerReads: '2026-06-01T20:00:00', trueTime: '2026-06-01T08:00:00' } },
    programs: [
      { id: 'A', starts: ['03:35'], days: { mode: 'odd' }, runs: [{ station: 1, seconds: 600 }] },
    ],
  });
  expect(verdict(modelOf(wrong))).toBe(
    'No two runs ever overlap, on any date. Clear up to 150 %. The clock is wrong, and 1 other error below.',
  );
  delete wrong.controller.clock;
  expect(verdict(modelOf(wrong))).toMatch(/ 1 other error below\.$/);
});
