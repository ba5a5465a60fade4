import { startApplication } from '../e2e/support/application.js';
import { signIn } from '../e2e/support/sign-in.js';
import { median, quantile } from './statistics.mjs';

const ROUNDS = 3;
const DESKS = 60;
const TYPED = [
  'linden barn',
  'alder row',
  'quist',
  'carport',
  'maple 4',
  '17 cooper',
  'zzz',
  'fennel',
];

/** Search and desk data with 10,000 properties and 12,000 timers, over HTTP. */
export async function manyHomes() {
  const application = await startApplication({ large: true });
  try {
    const { cookie } = await signIn(application.url);
    const ask = async (path) => {
      const begin = performance.now();
      const answer = await fetch(`${application.url}/api${path}`, { headers: { cookie } });
      const body = await answer.json();
      if (!answer.ok) throw new Error(`${path}: ${answer.status}`);
      return { body, ms: performance.now() - begin };
    };
    const search = (q) =>
      ask(`/properties?${new URLSearchParams({ q, sort: 'name', from: '2026-06-01' })}`);
    const { body: all } = await search('');
    if (all.total < 10_000) throw new Error(`Only ${all.total} properties are loaded.`);
    const found = await Promise.all(['linden', 'maple', 'quince'].map((q) => search(q)));
    const timers = found
      .flatMap(({ body }) => body.rows.flatMap((row) => row.timers))
      .slice(0, DESKS);

    const searches = [];
    const desks = [];
    for (let round = 0; round < ROUNDS; round++) {
      const typing = [];
      for (const words of TYPED)
        for (let length = 1; length <= words.length; length++)
          typing.push((await search(words.slice(0, length))).ms);
      searches.push(quantile(typing, 0.95));
      const opening = [];
      for (const { id } of timers) {
        const begin = performance.now();
        await Promise.all([
          ask(`/timers/${id}`),
          ask(`/timers/${id}/settings?on=2026-06-01`),
          ask(`/timers/${id}/yard`),
        ]);
        opening.push(performance.now() - begin);
      }
      desks.push(quantile(opening, 0.95));
    }
    const row = (name, values, goal) => ({
      name,
      median: median(values),
      spread: [Math.min(...values), Math.max(...values)],
      unit: 'ms',
      goal,
    });
    return [
      row('search among 10,000 properties, 95th percentile', searches, 100),
      row("a desk's data among 12,000 timers, 95th percentile", desks, 80),
    ];
  } finally {
    await application.stop();
  }
}
