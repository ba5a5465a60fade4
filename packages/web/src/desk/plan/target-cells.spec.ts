import type { Need } from '@water-clock/core/planner';
import { oftenText, weeklySeconds, weeklyShown, withOften, withWeekly } from './target-cells';

const SPREAD = ['07:00', '17:00'] as const;
const WEEKLY: Need = { weeklySeconds: 3600, daysPerWeek: [2, 4] };
const EVERY: Need = { everyDays: 14, seconds: 5000 };
const DAILY: Need = { timesPerDay: 3, seconds: 240, daysPerWeek: [6, 7], spread: [...SPREAD] };

it('a need stands in its cells as it was typed', () => {
  expect([WEEKLY, EVERY, DAILY].map(oftenText)).toEqual(['2-4', 'every 14', '3 a day']);
  expect([WEEKLY, EVERY, DAILY].map(weeklySeconds)).toEqual([3600, 2500, 3 * 240 * 7]);
  for (const need of [WEEKLY, EVERY, DAILY])
    expect(withOften(need, oftenText(need), SPREAD)).toEqual(need);
});

it('typing how often keeps the seconds a week', () => {
  expect(withOften(WEEKLY, 'every 6', SPREAD)).toEqual({ everyDays: 6, seconds: 3086 });
  expect(withOften(WEEKLY, ' /6 ', SPREAD)).toEqual({ everyDays: 6, seconds: 3086 });
  expect(withOften(EVERY, '3', SPREAD)).toEqual({ weeklySeconds: 2500, daysPerWeek: [3, 3] });
  expect(withOften(EVERY, '1 – 2', SPREAD)).toMatchObject({ daysPerWeek: [1, 2] });
  expect(withOften(WEEKLY, '2 a day', SPREAD)).toEqual({
    timesPerDay: 2,
    seconds: 257,
    daysPerWeek: [6, 7],
    spread: ['07:00', '17:00'],
  });
});

it('typing minutes keeps how often', () => {
  expect(withWeekly(WEEKLY, 1200.4)).toEqual({ weeklySeconds: 1200, daysPerWeek: [2, 4] });
  expect(withWeekly(EVERY, 700)).toEqual({ everyDays: 14, seconds: 1400 });
  expect(withWeekly(DAILY, 2100)).toMatchObject({ seconds: 100 });
});

it('minutes that were typed stay what they are, though waterings are to the second', () => {
  for (const need of [WEEKLY, EVERY, DAILY])
    for (const minutes of [1, 35, 55, 90, 120, 121])
      expect([need, weeklyShown(withWeekly(need, 60 * minutes))]).toEqual([need, 60 * minutes]);
  // What the need itself came to is shown to the second.
  expect(weeklyShown({ everyDays: 14, seconds: 5021 })).toBe(2511);
});

it.each(['', '8', '4-2', 'every 0', 'every 32', '0 a day', '25 a day', 'often', '2-9'])(
  'what cannot be read is refused: "%s"',
  (text) => expect(withOften(WEEKLY, text, SPREAD)).toBeNull(),
);
