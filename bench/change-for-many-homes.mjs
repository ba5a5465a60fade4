import { execFileSync } from 'node:child_process';
import { setTimeout as pause } from 'node:timers/promises';
import { startThrowAwayCluster } from '../tools/cluster.js';
import { makeDatabase, startServer } from '../e2e/support/application.js';
import { signIn } from '../e2e/support/sign-in.js';
import { median, quantile } from './statistics.mjs';

const ON = '2026-06-01';
const TIMERS = 10_000;
const BROKEN = 1000;
const DESKS = 40;
const ROUNDS = 3;
/** Between one desk that is opened and the next. */
const PAUSE_MS = 150;
const MS_PER_SECOND = 1000;

/** Rules that leave most houses alone; those on Tarn Lane may water on two days. */
const RULES = {
  ...{ format: 'waterclock.rules/1', district: 'Tarn Lane', towns: [] },
  periods: [
    {
      from: '2026-01-01',
      houses: [
        { houses: 'digits', digits: [7], weekdays: [2, 5] },
        { houses: 'all', digits: [] },
      ],
      ...{ words: 'Two days for houses that end in 7.', source: 'Notice 7' },
    },
  ],
};

/** A change tried on 10,000 timers and 1,000 of them fixed, and what the desk's data take meanwhile. */
export async function changeForManyHomes() {
  const cluster = await startThrowAwayCluster();
  const databaseUrl = makeDatabase(cluster.url, { large: true });
  const server = await startServer(databaseUrl);
  try {
    const { cookie } = await signIn(server.url, 'Greta Holloway');
    const ask = async (path, method = 'GET', body = undefined) => {
      const answer = await fetch(`${server.url}/api${path}`, {
        method,
        headers: { cookie, 'content-type': 'application/json' },
        ...(body && { body: JSON.stringify(body) }),
      });
      if (!answer.ok) throw new Error(`${path}: ${answer.status} ${await answer.text()}`);
      return answer.json();
    };
    const free = {
      ...RULES,
      periods: [{ ...RULES.periods[0], houses: [RULES.periods[0].houses[1]] }],
    };
    const { id: ruleSetId } = await ask('/rule-sets', 'POST', { document: free });
    const psql = (statement) =>
      execFileSync('psql', [databaseUrl, '-At', '-c', statement], { encoding: 'utf8' }).trim();
    // Homes of as many timers, and of so many of them an address that the rules are for.
    psql(`WITH counted AS (SELECT p.id, sum(count(t.id)) OVER (ORDER BY p.id) AS timers
        FROM properties p JOIN timers t ON t.property_id = p.id
        WHERE p.archived_at IS NULL GROUP BY p.id)
      UPDATE properties p SET rule_set_id = '${ruleSetId}',
        address = CASE WHEN c.timers <= ${BROKEN} THEN '17 Tarn Lane' ELSE '18 Tarn Lane' END
      FROM counted c WHERE c.id = p.id AND c.timers <= ${TIMERS}`);
    const touched = Number(
      psql(`SELECT count(*) FROM timers t JOIN properties p ON p.id = t.property_id
        WHERE p.rule_set_id = '${ruleSetId}'`),
    );
    const timers = psql(`SELECT id FROM timers ORDER BY id LIMIT ${DESKS}`).split('\n');
    // What the server closed meanwhile is not asked again.
    await pause(500);
    const desks = async (goesOn) => {
      const taken = [];
      do
        for (const id of timers) {
          const begin = performance.now();
          await Promise.all([
            ask(`/timers/${id}`),
            ask(`/timers/${id}/settings?on=${ON}`),
            ask(`/timers/${id}/yard`),
          ]);
          taken.push(performance.now() - begin);
          await pause(PAUSE_MS);
          if (!goesOn()) break;
        }
      while (goesOn());
      return quantile(taken, 0.95);
    };
    const rows = [];
    for (let round = 0; round < ROUNDS; round++) {
      let rest = DESKS;
      const idle = await desks(() => --rest > 0);
      const change = { kind: 'rules', ruleSetId, version: 1, document: RULES };
      const begin = performance.now();
      const { id } = await ask('/rollouts', 'POST', { change, on: ON, from: ON });
      let [tried, fixed, toFix] = [null, null, 0];
      let isDone = false;
      const meanwhile = desks(() => !isDone);
      while (!isDone) {
        await pause(1000);
        const rollout = await ask(`/rollouts/${id}?on=${ON}`);
        const seconds = (performance.now() - begin) / MS_PER_SECOND;
        if (tried === null && rollout.tried === rollout.of) tried = seconds;
        if (rollout.state === 'ready') [fixed, toFix, isDone] = [seconds, rollout.toFix, true];
      }
      rows.push({ tried, fixed: fixed - tried, toFix, ratio: (await meanwhile) / idle });
    }
    const { toFix } = rows[0];
    const row = (name, of, unit, goal) => {
      const values = rows.map(of);
      return {
        name,
        median: median(values),
        spread: [Math.min(...values), Math.max(...values)],
        unit,
        goal,
      };
    };
    return [
      row(`a change tried on ${touched.toLocaleString('en')} timers`, (one) => one.tried, 's', 20),
      row(`fixes of the ${toFix.toLocaleString('en')} that it breaks`, (one) => one.fixed, 's', 60),
      row("a desk's data meanwhile, 95th percentile", (one) => one.ratio, '× idle', 2),
    ];
  } finally {
    await server.end('SIGTERM');
    cluster.stop();
  }
}
