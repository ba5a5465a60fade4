import { addDays, parseDate } from '@water-clock/core/civil-time';
import { bothDates } from './night-dates';

const day = (text: string) => parseDate(text)!;

it('are the date of the evening and the one of the morning after', () => {
  expect(bothDates(day('2026-06-08'), false)).toBe('Mon 8 → Tue 9');
  expect(bothDates(day('2026-06-08'), true)).toBe('Mon 8 → Tue 9 Jun');
});

it('name the month on its first date, at the turn of the year too', () => {
  expect(bothDates(day('2026-06-30'), false)).toBe('Tue 30 → Wed 1 Jul');
  expect(bothDates(day('2026-12-31'), false)).toBe('Thu 31 → Fri 1 Jan');
  expect(bothDates(addDays(day('2026-12-31'), 1), false)).toBe('Fri 1 → Sat 2');
});
