import { parseDate } from '../civil-time/index.js';
import { INTERVAL_QUESTIONS } from '../timer-types/index.js';
import { askedWords, type KeyInValue } from './index.js';

const every = (everyDays: number, anchor: string): KeyInValue => ({
  type: 'days',
  days: { mode: 'interval', everyDays, anchor },
});
const on = (value: KeyInValue, today: string) =>
  INTERVAL_QUESTIONS.map((asked) => askedWords(value, asked, parseDate(today)!));

it('an interval is said as the timer asks for it, counted for the day it is keyed in', () => {
  const five = every(5, '2026-05-30');
  expect(on(five, '2026-06-02')).toEqual([
    'every 5 days, counted from Sat 30 May',
    'every 5 days, next on Thu 4 June',
    'every 5 days, days left: 2',
  ]);
  // On a day that it waters none are left, and the day after all but one.
  expect(on(five, '2026-06-04')[2]).toBe('every 5 days, days left: 0');
  expect(on(five, '2026-06-05')[2]).toBe('every 5 days, days left: 4');
  // A count that has not begun begins on its first day, however far away that is.
  expect(on(five, '2026-05-20').slice(1)).toEqual([
    'every 5 days, next on Sat 30 May',
    'every 5 days, days left: 10',
  ]);
  expect(on(every(1, '2026-05-30'), '2026-06-02')[2]).toBe('every day, days left: 0');
});

it('everything else is said in one way', () => {
  for (const value of [
    { type: 'days', days: { mode: 'odd' } },
    { type: 'percent', percent: 90 },
    { type: 'days', days: { mode: 'hours', everyHours: 8, anchor: '2026-05-30T06:00:00' } },
  ] as const)
    expect(new Set(on(value, '2026-06-02')).size).toBe(1);
});
