import { leftInWords } from './index.js';

it('what is left is told to the hour where it is days, to the minute where it is less', () => {
  const day = 86_400;
  expect([3 * day, 2 * day - 1, day, day - 1, 3 * 3600 + 359, 59].map(leftInWords)).toEqual([
    '3 days',
    '1 day 23 h',
    '1 day',
    '23 h 59 min',
    '3 h 05 min',
    '0 min',
  ]);
});
