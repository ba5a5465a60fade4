import { formatDate, parseDate } from '@water-clock/core/civil-time';
import { CIVIL_DATES } from './civil-dates';

const day = (date: string) => parseDate(date)!;

it('answers the calendar as the calendar on the wall does', () => {
  const { getWeekDay, getMonth, getEndDate, setYear, setMonth, setDate, locale } = CIVIL_DATES;
  expect([getWeekDay(day('2026-06-07')), getWeekDay(day('2026-06-08'))]).toEqual([0, 1]);
  expect(getMonth(day('2026-06-07'))).toBe(5);
  expect(formatDate(getEndDate(day('2028-02-03')))).toBe('2028-02-29');
  expect(formatDate(setYear(day('2028-02-29'), 2027))).toBe('2027-02-28');
  expect(formatDate(setMonth(day('2026-01-31'), 3))).toBe('2026-04-30');
  expect(formatDate(setDate(day('2026-06-30'), 2))).toBe('2026-06-02');
  expect(formatDate(locale.getWeekFirstDate('', day('2026-06-07')))).toBe('2026-06-01');
  // A year may begin in the last week of the one before, and end in the first of the next.
  const weeks = ['2026-01-01', '2027-01-01', '2024-12-30', '2026-06-01'].map((date) =>
    locale.getWeek('', day(date)),
  );
  expect(weeks).toEqual([1, 53, 1, 23]);
});
