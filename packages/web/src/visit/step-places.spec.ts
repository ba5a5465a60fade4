import { VISIT_STEPS } from '@water-clock/core/visits';
import { stepAt, stepPlace } from './step-places';

it('knows every step again by the address that leads to it', () => {
  for (const step of VISIT_STEPS) {
    const { pathname } = new URL(stepPlace(step, 'some-timer'), 'http://here');
    expect([step, stepAt(pathname)]).toEqual([step, step]);
  }
  expect(new Set(VISIT_STEPS.map((step) => stepPlace(step, 't'))).size).toBe(VISIT_STEPS.length);
});

it('takes measuring for the yard, and other screens of the timer for no step', () => {
  expect(stepAt('/timers/some-timer/measure')).toBe('yard');
  expect(stepAt('/timers/some-timer/copies')).toBeNull();
  expect(stepAt('/timers/some-timer/water')).toBeNull();
  expect(stepAt('/timers/some-timer/visit/nowhere')).toBeNull();
});
