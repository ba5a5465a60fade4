import { asDayNumber, formatDate, parseDate } from '@water-clock/core/civil-time';
import fc from 'fast-check';
import { dateInField, dayOfYearText, readDate } from './typed-dates';

const TODAY = parseDate('2026-06-01')!;

const read = (text: string, order: 'day-first' | 'month-first' = 'day-first') => {
  const day = readDate(text, order, TODAY);
  return typeof day === 'number' ? formatDate(day) : day;
};

it('reads dates as people type them', () => {
  const good: [string, string][] = [
    ['9 Jun 2026', '2026-06-09'],
    ['9 june', '2026-06-09'],
    ['Tue 9 Jun 2026', '2026-06-09'],
    ['Tuesday, June 9, 2027', '2027-06-09'],
    ['Sept 30', '2026-09-30'],
    ['2026-06-09', '2026-06-09'],
    ['9.6.2026', '2026-06-09'],
    ['29/2/2028', '2028-02-29'],
    [' 09-06 ', '2026-06-09'],
  ];
  for (const [text, date] of good) expect([text, read(text)]).toEqual([text, date]);
});

it('takes the first of two numbers as the month where the person does, and a named month wherever it stands', () => {
  expect(read('6/9/2026', 'month-first')).toBe('2026-06-09');
  expect(read('6/9/2026', 'day-first')).toBe('2026-09-06');
  expect(read('9 Jun 2026', 'month-first')).toBe('2026-06-09');
  expect(read('Jun 9 2026', 'day-first')).toBe('2026-06-09');
  expect(read('25/12/2026', 'month-first')).toBeUndefined();
});

it('takes nothing for a date that is none, or not written to its end', () => {
  for (const text of ['9', '9 Ju', '31 Jun', '29 Feb 2027', '9 Jun 20', '0 Jun', '1 2 3 4', 'soon'])
    expect([text, read(text)]).toEqual([text, undefined]);
  for (const text of ['', '  ']) expect(read(text)).toBeNull();
});

it('reads back what stands in a field, in either order', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: -100_000, max: 200_000 }),
      fc.constantFrom('day-first' as const, 'month-first' as const),
      (days, order) => {
        const day = asDayNumber(days);
        expect(readDate(dateInField(day), order, TODAY)).toBe(day);
      },
    ),
  );
});

it('writes a day of any year as people do, and leaves alone what is none', () => {
  expect(['05-01', '02-29', '12-31'].map(dayOfYearText)).toEqual(['1 May', '29 Feb', '31 Dec']);
  expect(['', '13-01', 'May'].map(dayOfYearText)).toEqual(['', '13-01', 'May']);
});
