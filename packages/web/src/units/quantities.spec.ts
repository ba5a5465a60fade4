import { quantityIn, shownAmount, storedAmount } from './quantities';

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
