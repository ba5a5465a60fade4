import { addDays, parseDate } from '@water-clock/core/civil-time';
import { testPlan } from '../testing/plans';
import { deskModel } from '../computing/desk-model';
import { pauseWords, verdict, verdictKind } from './verdict';

const FROM = parseDate('2026-06-01')!;
const modelOf = (plan = testPlan()) =>
  deskModel(plan, { night: FROM, since: FROM, isTrueTime: false });

it('names the first collision, how many more, and how far the percentage may rise', () => {
  const model = modelOf();
  expect(verdict(model)).toBe(
    'Two runs collide: first Thu 4 June, 04:00, 20 min, and 1 more in 14 days. Clear up to 60 %.',
  );
  expect(verdictKind(model)).toBe('error');
});

it('is the same whatever nights are on the board, and by whatever clock', () => {
  const words = verdict(modelOf());
  for (const isTrueTime of [false, true])
    for (const offset of [-1, 3, 40]) {
      const view = { night: addDays(FROM, offset), since: FROM, isTrueTime };
      expect(verdict(deskModel(testPlan(), view))).toBe(words);
    }
});

it('names the collision before dawn of the very date from which it speaks', () => {
  const monday = testPlan();
  monday.programs[1]!.days = { mode: 'weekdays', weekdays: [1] };
  expect(verdict(modelOf(monday))).toMatch(/^Two runs collide: first Mon 1 June, 04:00, 20 min, /);
});

it('says so when nothing waters', () => {
  const model = modelOf(testPlan({ programs: [] }));
  expect(verdict(model)).toBe('Nothing waters in 14 days, up to Sun 14 June.');
  // It is no fault, and nothing to be content with either.
  expect(verdictKind(model)).toBe('dry');
});

it('says so when no two runs overlap', () => {
  const apart = testPlan();
  apart.programs[1]!.starts = ['05:00'];
  const model = modelOf(apart);
  expect(verdict(model)).toBe('No two runs overlap, on any date. Clear up to 150 %.');
  expect(verdictKind(model)).toBe('clear');
});

it('names a collision that comes later', () => {
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
    'Clear for 14 days, but two runs collide on Fri 3 July, 04:00, 30 min. Clear up to 50 %.',
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
    'No two runs overlap, on any date. Clear up to 150 %. The clock is wrong, and 1 other error below.',
  );
  delete wrong.controller.clock;
  expect(verdict(modelOf(wrong))).toMatch(/ 1 other error below\.$/);
});

it('tells of pauses that are not over, and of none far ahead', () => {
  const pause = (from: string, to: string) => ({ from: `${from}T00:00:00`, to: `${to}T06:00:00` });
  const told = (...pauses: ReturnType<typeof pause>[]) => pauseWords(pauses, FROM);
  expect(told(pause('2026-05-30', '2026-06-03'), pause('2026-06-10', '2026-06-12'))).toBe(
    ' On hold from Sat 30 May 2026, 00:00 to Wed 3 June, 06:00. On hold from Wed 10 June, 00:00 to Fri 12 June, 06:00.',
  );
  expect(told(pause('2026-05-20', '2026-05-28'), pause('2026-09-01', '2026-09-04'))).toBe('');
});
