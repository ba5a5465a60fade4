import { addDays, parseDate } from '@water-clock/core/civil-time';
import { boardModel } from '../../computing/board-model';
import { testPlan } from '../../testing/plans';
import { besideDate, bothDates, hasRoomAtMidnight } from './night-dates';

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

it('stand at midnight’s line only where no run, and no word of a collision, is', () => {
  const scale = (second: number) => second / 100;
  const hasRoom = (starts: string[], minutes = 30) => {
    const days = { mode: 'odd' };
    const runs = [{ station: 1, seconds: minutes * 60 }];
    const plan = testPlan({ programs: [{ id: 'A', starts, days, runs }] });
    return hasRoomAtMidnight(boardModel(plan, day('2026-06-02')).nights[0]!, scale);
  };
  // A hundred seconds are a pixel: the date takes an hour and twenty minutes, a letter half an hour.
  expect(hasRoom(['04:00'])).toBe(true);
  expect(hasRoom(['02:00'])).toBe(true);
  expect(hasRoom(['01:30'])).toBe(false);
  expect(hasRoom(['00:00'])).toBe(false);
  expect(hasRoom(['04:00', '04:15'])).toBe(false);
});

it('words of a night keep clear of its second date', () => {
  expect(besideDate(100, 80, 300)).toBe(100);
  expect(besideDate(240, 80, 300)).toBe(348);
  expect(besideDate(306, 80, 300)).toBe(348);
  expect(besideDate(360, 80, 300)).toBe(360);
});
