import { formatDate, parseDate } from '../civil-time/index.js';
import { planDates } from './plan-dates.js';

const dates = (since: string, ...months: number[]) => {
  const { from, until } = planDates(parseDate(since)!, months);
  return [from, until].map((day) => formatDate(day));
};

it('are a month when it comes next, in this year or the next', () => {
  expect(dates('2026-06-01', 7)).toEqual(['2026-07-01', '2026-07-31']);
  expect(dates('2026-11-28', 7)).toEqual(['2027-07-01', '2027-07-31']);
  expect(dates('2027-11-28', 2)).toEqual(['2028-02-01', '2028-02-29']);
});

it('begin today in a month that has begun, and are four weeks at least', () => {
  expect(dates('2026-07-02', 7)).toEqual(['2026-07-02', '2026-07-31']);
  expect(dates('2026-07-28', 7)).toEqual(['2026-07-28', '2026-08-24']);
  expect(dates('2026-07-28')).toEqual(['2026-07-28', '2026-08-24']);
});

it('are months one after the other, over the turn of the year too, in whatever order they are named', () => {
  expect(dates('2026-06-01', 1, 2, 11, 12)).toEqual(['2026-11-01', '2027-02-28']);
  expect(dates('2026-12-10', 1, 2, 11, 12)).toEqual(['2026-12-10', '2027-02-28']);
  expect(dates('2027-01-15', 1, 2, 11, 12)).toEqual(['2027-01-15', '2027-02-28']);
});

it('are a year where every month is meant', () => {
  expect(dates('2026-06-10', 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12)).toEqual([
    '2026-06-10',
    '2027-05-31',
  ]);
});
