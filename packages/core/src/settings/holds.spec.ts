import { parseDateTime } from '../civil-time/index.js';
import { planOf } from '../testing/plans.js';
import { holdFor, holdLeftSeconds, holdsNotOver, withoutPastHolds } from './index.js';

const at = (text: string) => parseDateTime(`2026-06-${text}:00`)!;

it('a hold of days lasts them to the second, and what is left of it is counted from now', () => {
  const hold = holdFor(at('02T09:30'), 3);
  expect(hold).toEqual({ from: '2026-06-02T09:30:00', to: '2026-06-05T09:30:00' });
  expect(holdLeftSeconds(hold, at('02T09:30'))).toBe(3 * 86_400);
  expect(holdLeftSeconds(hold, at('05T09:29'))).toBe(60);
  expect([at('05T09:30'), at('02T09:29')].map((now) => holdLeftSeconds(hold, now))).toEqual([
    null,
    null,
  ]);
});

it('a hold that is over is in no timer any more; one in force, and one to come, are', () => {
  const [past, now, later] = [
    holdFor(at('01T08:00'), 1),
    holdFor(at('02T08:00'), 3),
    holdFor(at('20T08:00'), 7),
  ];
  const when = at('02T08:00');
  expect(holdsNotOver([past, now, later], when)).toEqual([now, later]);
  const plan = planOf({ controller: { pauses: [past, now] } });
  expect(withoutPastHolds(plan, when).controller.pauses).toEqual([now]);
  expect(withoutPastHolds(plan, at('01T09:00'))).toBe(plan);
});
