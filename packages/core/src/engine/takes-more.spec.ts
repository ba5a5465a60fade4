import { takesMore } from './index.js';

it('fractions that come to what the supply gives are not more, whatever their sum in binary', () => {
  const lpm = 0.1 + 0.2;
  expect(lpm > 0.3).toBe(true);
  expect(takesMore(lpm, 0.3)).toBe(false);
  expect([takesMore(22.1, 22), takesMore(22, 22)]).toEqual([true, false]);
});
