import { disturbanceOfDays, disturbanceOfHours, disturbanceOfPercent } from './disturbance.js';

it.each([
  ['raised', 100, 120, 60 + 20],
  ['lowered to 100 %', 150, 100, 60 + 50],
  ['lowered below 100 %', 150, 90, 60 + 50 + 2 * 10],
  ['lowered from below 100 %', 80, 70, 60 + 2 * 10],
])(
  'a percentage %s counts a point for each, and two for each that dries the ground',
  (_, was, is, minutes) => {
    expect(disturbanceOfPercent(was, is)).toBe(minutes);
  },
);

it('a weekday that is moved counts once, another mode more', () => {
  const on = (...weekdays: number[]) => ({ mode: 'weekdays' as const, weekdays });
  expect(disturbanceOfDays(on(2, 6), on(2, 5))).toBe(90);
  expect(disturbanceOfDays(on(2, 6), on(1, 3, 5))).toBe(270);
  expect(disturbanceOfDays(on(2, 6), { mode: 'odd' })).toBe(180);
});

it('hours that are made smaller disturb more than hours that are made larger, past midnight too', () => {
  const hours = (from: string, to: string) => [{ from, to, weekdays: [1, 2, 3, 4, 5, 6, 7] }];
  expect(disturbanceOfHours(hours('20:00', '06:00'), hours('22:00', '06:00'))).toBe(240);
  expect(disturbanceOfHours(hours('20:00', '06:00'), hours('20:00', '07:00'))).toBe(30);
  expect(disturbanceOfHours(hours('20:00', '06:00'), [])).toBe(240);
});
