import { differences, inWords, says } from '@water-clock/core/compare';
import { printed, refused } from '../outcome.js';
import { plansVerb } from './plans-verb.js';

const USAGE = 'compare A.json B.json';

export const compareVerb = plansVerb({
  name: 'compare',
  usage: USAGE,
  summary: 'what B sets otherwise than A, each setting at its place, by value',
  options: {},
  read: () => ({ ok: true, value: null }),
  run: (plans) => {
    const [a, b, ...more] = plans;
    if (!a || !b || more.length > 0) return refused([`water-clock: give two plan files: ${USAGE}`]);
    return printed({
      differences: differences(a.plan, b.plan).map((one) => ({
        path: one.path,
        before: one.before,
        after: one.after,
        says: says(inWords(one, [a.plan, b.plan])),
      })),
    });
  },
});
