import { observedAt } from './observed.js';

const NOW = new Date('2026-06-01T10:00:00.000Z');

it('takes the time of the device, unless it is ahead of ours or says none', () => {
  expect(observedAt('2026-06-01T09:00:00Z', NOW).toISOString()).toBe('2026-06-01T09:00:00.000Z');
  expect(observedAt('2026-06-01T10:00:01Z', NOW)).toEqual(NOW);
  expect(observedAt(undefined, NOW)).toEqual(NOW);
});
