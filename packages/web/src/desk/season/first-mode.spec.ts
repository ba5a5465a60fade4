import { testPlan } from '../../testing/plans';
import { firstMode } from './first-mode';

const season = (modes: string[]) => ({ season: { modes } });

it('is the one that is set, where the timer has it, and else one that it has', () => {
  const monthly = { season: { mode: 'monthly', percents: Array(12).fill(80) } };
  const both = testPlan({ timer: season(['whole', 'monthly']), controller: monthly });
  expect(firstMode(both)).toBe('monthly');
  // Read in before anybody said what the timer can do.
  expect(firstMode({ ...both, timer: testPlan({ timer: season(['program']) }).timer })).toBe(
    'program',
  );
  expect(firstMode(testPlan({ timer: { season: null } }))).toBe('whole');
});
