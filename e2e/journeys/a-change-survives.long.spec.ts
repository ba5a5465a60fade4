import { execFileSync } from 'node:child_process';
import { startThrowAwayCluster } from '../../tools/cluster.js';
import { makeDatabase, startServer } from '../support/application.js';
import { signIn } from '../support/sign-in.js';

/** So many copies of the demo's homes that a server is killed in the middle of them. */
const TIMERS = 400;
const ON = '2026-06-09';

interface Rollout {
  readonly id: string;
  readonly state: string;
  readonly of: number;
  readonly tried: number;
  readonly toFix: number;
  readonly fixed: number;
}

let cluster: Awaited<ReturnType<typeof startThrowAwayCluster>>;
let server: Awaited<ReturnType<typeof startServer>>;
afterAll(async () => {
  await server.end('SIGTERM');
  cluster.stop();
});

it('a change that is tried when its server is killed ends right, with every timer tried once', async () => {
  cluster = await startThrowAwayCluster();
  const databaseUrl = makeDatabase(cluster.url, { demo: true });
  const psql = (statement: string) =>
    execFileSync('psql', [databaseUrl, '-At', '-c', statement], { encoding: 'utf8' }).trim();
  // More timers like one of the demo's, in its home.
  psql(`WITH one AS (SELECT t.* FROM timers t JOIN properties p ON p.id = t.property_id
      WHERE p.archived_at IS NULL AND t.name = 'Garage timer'),
    more AS (INSERT INTO timers (firm_id, property_id, name, kind_id)
      SELECT firm_id, property_id, 'Copy ' || n, kind_id FROM one, generate_series(1, ${TIMERS}) n
      RETURNING id, firm_id),
    settings AS (INSERT INTO timer_settings (timer_id, firm_id, document)
      SELECT m.id, m.firm_id, s.document FROM more m, one o
      JOIN timer_settings s ON s.timer_id = o.id)
    INSERT INTO timer_yards (timer_id, firm_id, document)
    SELECT m.id, m.firm_id, y.document FROM more m, one o JOIN timer_yards y ON y.timer_id = o.id`);
  server = await startServer(databaseUrl);
  const { cookie } = await signIn(server.url, 'Greta Holloway');
  const ask = async <Answer>(path: string, method = 'GET', body?: object): Promise<Answer> => {
    const answer = await fetch(`${server.url}/api${path}`, {
      method,
      headers: { cookie, 'content-type': 'application/json' },
      ...(body && { body: JSON.stringify(body) }),
    });
    if (!answer.ok) throw new Error(`${method} ${path}: ${answer.status}`);
    return answer.json() as Promise<Answer>;
  };
  const { id } = await ask<Rollout>('/rollouts', 'POST', {
    ...{ change: { kind: 'percentage', percent: 150 }, on: ON, from: ON },
  });
  const until = async (is: (rollout: Rollout) => boolean): Promise<Rollout> => {
    for (;;) {
      const rollout = await ask<Rollout>(`/rollouts/${id}?on=${ON}`);
      if (is(rollout)) return rollout;
      await new Promise((done) => setTimeout(done, 50));
    }
  };
  const middle = await until(({ tried, fixed }) => tried > 0 || fixed > 0);
  await server.end('SIGKILL');
  expect(middle.state).toBe('working');
  expect(middle.tried + middle.fixed).toBeLessThan(middle.of + middle.toFix + 1);
  const triedBefore = psql(
    `SELECT count(*) FROM rollout_timers WHERE rollout_id = '${id}' AND outcome IS NOT NULL`,
  );
  server = await startServer(databaseUrl);
  const ended = await until(({ state }) => state === 'ready');
  expect(ended.of).toBeGreaterThan(TIMERS);
  expect([ended.tried, ended.fixed]).toEqual([ended.of, ended.toFix]);
  expect(ended.tried).toBeGreaterThan(Number(triedBefore));
  // All copies of one timer come to the same.
  expect(
    psql(`SELECT count(DISTINCT (r.outcome, r.breaks, r.target IS NULL))
      FROM rollout_timers r JOIN timers t ON t.id = r.timer_id
      WHERE r.rollout_id = '${id}' AND t.name LIKE 'Copy %'`),
  ).toBe('1');
  expect(psql(`SELECT state, leased_by IS NULL FROM rollouts WHERE id = '${id}'`)).toBe('ready|t');
}, 300_000);
