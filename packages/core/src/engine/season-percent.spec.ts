import fc from 'fast-check';
import { scaledSeconds } from './index.js';

it('rounds half up to the unit', () => {
  expect(scaledSeconds(600, 25, 60)).toBe(180);
  expect(scaledSeconds(300, 25, 60)).toBe(60);
  expect(scaledSeconds(300, 110, 60)).toBe(360);
  expect(scaledSeconds(100, 111, 1)).toBe(111);
});

it('gives at least one unit, and nothing only for nothing', () => {
  expect(scaledSeconds(60, 1, 60)).toBe(60);
  expect(scaledSeconds(0, 150, 60)).toBe(0);
  expect(scaledSeconds(600, 0, 60)).toBe(0);
});

it('leaves 100 % as it is, off the unit or not', () => {
  expect(scaledSeconds(95, 100, 60)).toBe(95);
});

it('is within half a unit of the exact time, and never falls as the percentage rises', () => {
  const seconds = fc.integer({ min: 1, max: 21_600 });
  const percent = fc.integer({ min: 1, max: 300 }).filter((value) => value !== 100);
  fc.assert(
    fc.property(seconds, percent, percent, fc.constantFrom(1, 15, 60, 300), (time, p, q, unit) => {
      const scaled = scaledSeconds(time, p, unit);
      expect(scaled % unit).toBe(0);
      if (scaled > unit) expect(Math.abs(scaled - (time * p) / 100)).toBeLessThanOrEqual(unit / 2);
      expect(scaled <= scaledSeconds(time, q, unit)).toBe(
        p <= q || scaled === scaledSeconds(time, q, unit),
      );
    }),
  );
});
