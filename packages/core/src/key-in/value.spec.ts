import { isSameValue, valueCode, valueWords, type KeyInValue } from './index.js';

const days = (rule: Extract<KeyInValue, { type: 'days' }>['days']): KeyInValue => ({
  type: 'days',
  days: rule,
});
const every = (everyDays: number, anchor: string) => days({ mode: 'interval', everyDays, anchor });
const choice = (isOn: boolean): KeyInValue => ({
  type: 'choice',
  isOn,
  words: ['set to run', 'off'],
});

/** A value, its code that is stored with a tick, and what is read out. */
const VALUES: [KeyInValue, string, string][] = [
  [{ type: 'time', time: '03:30' }, 'time 03:30', '03:30'],
  [{ type: 'time', time: null }, 'time off', 'off'],
  [{ type: 'length', seconds: 750 }, '750 s', '12 min 30 s'],
  [{ type: 'length', seconds: 0 }, '0 s', 'off'],
  [days({ mode: 'weekdays', weekdays: [5, 2, 5] }), 'weekdays 2,5', 'on Tue Fri'],
  [days({ mode: 'odd' }), 'odd', 'on odd days of the month'],
  [days({ mode: 'even' }), 'even', 'on even days of the month'],
  [every(3, '2026-06-02'), 'every 3 from 2026-06-02', 'every 3 days, counted from Tue 2 Jun'],
  [{ type: 'weekdays', weekdays: [6, 1] }, 'weekdays 1,6', 'Mon Sat'],
  [{ type: 'weekdays', weekdays: [] }, 'weekdays ', 'none'],
  [{ type: 'month-days', monthDays: [31, 4, 15] }, 'month days 4,15,31', '4, 15, 31'],
  [{ type: 'month-days', monthDays: [] }, 'month days ', 'none'],
  [
    {
      type: 'hours',
      areDry: true,
      hours: [
        { from: '21:00', to: '23:00', weekdays: [1, 2, 3, 4, 5, 6, 7] },
        { from: '10:00', to: '18:00', weekdays: [5, 2] },
      ],
    },
    'hours 10:00-18:00/2,5 21:00-23:00/1,2,3,4,5,6,7',
    '21:00 to 23:00, 10:00 to 18:00 on Tue Fri',
  ],
  [{ type: 'hours', hours: [], areDry: true }, 'hours ', 'none'],
  [{ type: 'stations', stations: [5, 2] }, 'stations 2,5', '2, 5'],
  [{ type: 'stations', stations: [] }, 'stations ', 'none'],
  [{ type: 'count', count: 2 }, '2 at once', '2'],
  [{ type: 'percent', percent: 80 }, '80 percent', '80 %'],
  [choice(true), 'yes', 'set to run'],
  [choice(false), 'no', 'off'],
];

it.each(VALUES)('%j is stored as "%s" and read out as "%s"', (value, code, words) => {
  expect([valueCode(value), valueWords(value)]).toEqual([code, words]);
});

it('two values are the same when the timer would show the same', () => {
  for (const [one, code] of VALUES)
    for (const [other, otherCode] of VALUES)
      expect([code, otherCode, isSameValue(one, other)]).toEqual([
        code,
        otherCode,
        code === otherCode,
      ]);
  // Two intervals of one length, counted from days that both water.
  expect(isSameValue(every(3, '2026-06-02'), every(3, '2026-06-08'))).toBe(true);
  expect(isSameValue(every(3, '2026-06-02'), every(3, '2026-06-07'))).toBe(false);
  // Three days apart is a multiple of both one and three, and yet not the same rhythm.
  expect(isSameValue(every(1, '2026-06-02'), every(3, '2026-06-05'))).toBe(false);
  expect(isSameValue(every(3, '2026-06-02'), every(1, '2026-06-05'))).toBe(false);
  // An interval and days of the week are two settings, whatever days they come to.
  expect(isSameValue(every(2, '2026-06-02'), days({ mode: 'even' }))).toBe(false);
  expect(isSameValue(days({ mode: 'even' }), every(2, '2026-06-02'))).toBe(false);
});
