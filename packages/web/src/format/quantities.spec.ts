import { quantityIn, shownAmount, storedAmount } from './quantities';
import { temperatureIn } from './temperatures';

it('shows SI as it is, and US units by their exact size', () => {
  expect(shownAmount(22.5, quantityIn('metric', 'flow'))).toBe('22.5');
  expect(shownAmount(100, quantityIn('us', 'area'))).toBe('1076');
  expect(shownAmount(413.685, quantityIn('us', 'pressure'))).toBe('60');
  expect(storedAmount(1, quantityIn('us', 'flow'))).toBe(3.785411784);
});

it('what is shown and typed again stays what it was shown as', () => {
  for (const name of ['flow', 'area', 'pressure'] as const)
    for (const system of ['metric', 'us'] as const) {
      const quantity = quantityIn(system, name);
      const shown = shownAmount(41.3, quantity);
      expect(shownAmount(storedAmount(Number(shown), quantity), quantity)).toBe(shown);
    }
});

it('a price of a cubic metre is one of a thousand gallons in US units', () => {
  const price = quantityIn('us', 'waterPrice');
  // 1,000 gallons are 3.785411784 m³.
  expect(Number(shownAmount(2, price))).toBeCloseTo(7.5708, 4);
  expect(storedAmount(3.785411784, price)).toBeCloseTo(1, 9);
});

it('temperatures turn over exactly', () => {
  const fahrenheit = temperatureIn('us');
  expect([fahrenheit.shown(0), fahrenheit.shown(37)]).toEqual([32, 98.6]);
  expect(fahrenheit.stored(212)).toBe(100);
  expect(temperatureIn('metric').stored(21.5)).toBe(21.5);
});
